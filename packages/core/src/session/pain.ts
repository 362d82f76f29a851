import { joints, type Side } from '../lift/joints';

/** Signs that end the session at once, whatever their strength: they are told in one tap, and no score is asked. */
export const redSigns = ['chest', 'breathless', 'dizzy', 'headache', 'numb', 'saddle'] as const;
export type RedSign = (typeof redSigns)[number];

/** What pain is like; all but an ache end the lift at once. */
export const painKinds = ['ache', 'sharp', ...redSigns] as const;
export type PainKind = (typeof painKinds)[number];

export const painPlaces = [...joints, 'chest', 'head', 'nerves'] as const;
export type PainPlace = (typeof painPlaces)[number];

/** Pain said or seen during a lift; `score` 0 to 10, which says nothing of a red sign. */
export interface Pain {
  place: PainPlace;
  side: Side;
  score: number;
  kind: PainKind;
}

const signs: readonly PainKind[] = redSigns;
export const isRedSign = (kind: PainKind): kind is RedSign => signs.includes(kind);

/** Where each red sign is kept: the place of the flag that it raises. */
export const placeOfSign: Record<RedSign, 'chest' | 'head' | 'nerves'> = {
  chest: 'chest',
  breathless: 'chest',
  dizzy: 'head',
  headache: 'head',
  numb: 'nerves',
  saddle: 'nerves',
};

/** A red sign as it is told in one tap. */
export const signTold = (kind: RedSign): Pain => ({
  place: placeOfSign[kind],
  side: 'none',
  kind,
  score: 0,
});
