import type { Pain, PainKind } from '@spalo/core';

const kinds: Record<PainKind, string> = {
  ache: 'Ache',
  sharp: 'Sharp pain',
  numb: 'Numbness',
  dizzy: 'Dizziness',
  chest: 'Pain',
};

const places: Partial<Record<Pain['place'], string>> = { chest: 'in the chest' };

/** Where the kind says it already, the place is not said again. */
const whereOf = ({ kind, place, side }: Pain) => {
  if (kind === 'dizzy') return '';
  const where = places[place] ?? `${side === 'none' || side === 'both' ? '' : `${side} `}${place}`;
  return kind === 'chest' ? ' in the chest' : `, ${where}`;
};

/** Pain as it is said: "Ache 2 of 10, left knee", "Pain 5 of 10 in the chest". */
export const painWords = (pain: Pain): string =>
  `${kinds[pain.kind]} ${pain.score} of 10${whereOf(pain)}`;
