import { pullStyles, squatStyles, type PullStyle, type SquatStyle } from '@spalo/core/geometry';
import { z } from 'zod';

/** A computed set-up: a squat at its bottom or a pull at its start, in one of their styles. */
export const position = z.union([
  z.strictObject({ squat: z.enum(squatStyles as [SquatStyle, ...SquatStyle[]]) }),
  z.strictObject({ pull: z.enum(pullStyles as [PullStyle, ...PullStyle[]]) }),
]);
export type Position = z.infer<typeof position>;
