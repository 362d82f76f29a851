import type { FurnitureKind } from '@spalo/core/lift';

/** What a kind of furniture is called, alone and in a sentence, and what to count as one. */
export const furnitureWords: Readonly<
  Record<FurnitureKind, { name: string; one: string; says: string }>
> = {
  rack: { name: 'Rack', one: 'a rack', says: 'hooks and safeties for one' },
  'press bench': {
    name: 'Press bench',
    one: 'a press bench',
    says: 'a flat bench with hooks of its own',
  },
  'flat bench': { name: 'Flat bench', one: 'a flat bench', says: 'stands alone' },
  'adjustable bench': {
    name: 'Adjustable bench',
    one: 'an adjustable bench',
    says: 'flat and inclined',
  },
  'pull-up bar': { name: 'Pull-up bar', one: 'a pull-up bar', says: 'places to hang from' },
  'dip bars': { name: 'Dip bars', one: 'the dip bars', says: 'pairs of handles' },
  'back-extension bench': {
    name: 'Back-extension bench',
    one: 'a back-extension bench',
    says: 'holds feet and hips',
  },
  box: { name: 'Box', one: 'a box', says: 'to sit on, step on or lean on' },
  straps: { name: 'Straps', one: 'the straps', says: 'hung up, with handles' },
  lane: { name: 'Lane', one: 'a lane', says: 'ten metres to walk' },
};
