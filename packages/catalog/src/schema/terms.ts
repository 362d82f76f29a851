/** The parts of a rep and of what surrounds it, in order. */
export const phases = [
  'place and equipment',
  'set-up',
  'brace',
  'start',
  'way down',
  'bottom',
  'way up',
  'finish',
  'put back',
] as const;

export const views = ['front', 'side', 'behind', 'rear corner'] as const;

/** What a cue is about: bar, floor or wall; a part of the body; a touch, with consent; a picture. */
export const cueKinds = ['outside', 'body', 'touch', 'picture'] as const;

/** What helps besides a cue, in the order in which it is tried. */
export const remedyKinds = ['set-up', 'regression', 'less load', 'corrective'] as const;

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

export type Phase = (typeof phases)[number];
export type Glyph = (typeof glyphs)[number];
