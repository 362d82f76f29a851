import type { Phase } from '@spalo/core/technique';

export { remedyKinds } from '@spalo/core/session';
export { cueKinds, phases, views, type Phase } from '@spalo/core/technique';

/** The phases that are right or wrong before the first rep. */
export const setUpPhases: ReadonlySet<Phase> = new Set<Phase>([
  'place and equipment',
  'set-up',
  'brace',
  'start',
]);

/** Shapes that mark a fault on the rep rail; never colour alone. */
export const glyphs = [
  'in',
  'out',
  'forward',
  'back',
  'up',
  'down',
  'bend',
  'twist',
  'short',
  'fast',
] as const;

export const faultWeights = ['safety', 'major', 'minor'] as const;

export type Glyph = (typeof glyphs)[number];
