import { joints, type Side } from '../lift/joints';

/** What pain is like; all but an ache end the lift at once. */
export const painKinds = ['ache', 'sharp', 'numb', 'dizzy', 'chest'] as const;
export type PainKind = (typeof painKinds)[number];

export const painPlaces = [...joints, 'chest', 'head'] as const;
export type PainPlace = (typeof painPlaces)[number];

/** Pain said or seen during a lift; `score` 0 to 10. */
export interface Pain {
  place: PainPlace;
  side: Side;
  score: number;
  kind: PainKind;
}
