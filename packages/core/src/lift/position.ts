import type { Joint } from './joints';

/** How a body is held in a lift or a drill: what cautions and painful joints are judged by. */
export const positions = [
  'standing',
  'seated',
  'supported',
  'leaning back',
  'on the back',
  'on the front',
  'on the side',
  'on hands',
  'on elbows',
  'kneeling',
  'hanging',
  'deep knee bend',
  'arms overhead',
] as const;
export type Position = (typeof positions)[number];

/** What a position loads besides what the movement itself does. */
const loadedBy: Partial<Record<Position, readonly Joint[]>> = {
  'on the side': ['shoulder'],
  'on hands': ['wrist', 'shoulder'],
  'on elbows': ['elbow', 'shoulder'],
  kneeling: ['knee'],
  hanging: ['shoulder', 'elbow', 'wrist', 'hand'],
  'deep knee bend': ['knee'],
  'arms overhead': ['shoulder'],
};

/** Positions from which nobody has to get up quickly. */
const steady: readonly Position[] = ['seated', 'supported'];

/** Joints that some positions load. */
export const jointsIn = (held: readonly Position[]): Joint[] =>
  held.flatMap((position) => loadedBy[position] ?? []);

export const isSteady = (position: Position): boolean => steady.includes(position);
