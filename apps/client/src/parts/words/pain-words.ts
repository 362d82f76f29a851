import { spotText } from '@spalo/core/person';
import { isRedSign, type Pain, type PainKind, type RedSign } from '@spalo/core/session';

const kinds: Record<PainKind, string> = {
  ache: 'Ache',
  sharp: 'Sharp pain',
  numb: 'Numbness',
  dizzy: 'Dizziness',
  chest: 'Chest pain',
  breathless: 'Sudden breathlessness',
  headache: 'The worst headache',
  saddle: 'Numb between the legs, or bladder or bowel trouble',
};

const offered: Record<RedSign, string> = {
  chest: 'Chest pain',
  breathless: 'Breathless',
  dizzy: 'Dizzy',
  headache: 'Worst headache',
  numb: 'Numb',
  saddle: 'Saddle numb, bladder, bowel',
};

/** A red sign as it is offered, in a word or two. */
export const signWords = (sign: RedSign): string => offered[sign];

/** Pain as it is said: "Ache 2 of 10, left knee"; a red sign says itself, and its score says nothing. */
export const painWords = (pain: Pain): string =>
  isRedSign(pain.kind)
    ? kinds[pain.kind]
    : `${kinds[pain.kind]} ${pain.score} of 10, ${spotText(pain)}`;
