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
export type Phase = (typeof phases)[number];

export const views = ['front', 'side', 'behind', 'rear corner'] as const;

/** What a cue is about: bar, floor or wall; a part of the body; a touch, with consent; a picture. */
export const cueKinds = ['outside', 'body', 'touch', 'picture'] as const;
