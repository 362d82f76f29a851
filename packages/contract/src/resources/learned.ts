import { z } from 'zod';
import { slug } from '../primitives/values';
import { cueTally } from './history';

/** What a studio has learned from all its clients together: nothing in it says of whom. */
export const studioLearned = z.object({
  /** Logs of a factor on the catalogue's ratios, by lift. */
  ratios: z.record(z.string(), z.number()),
  /** What was judged of cues, by lift and cue. */
  cues: z.record(z.string(), z.record(z.string(), cueTally)),
  /** Lifts that somebody has trained. */
  trained: z.array(slug),
  /** The heaviest load that anybody has had lately, by lift, g; absent in what was fetched before it was kept. */
  heaviest: z.record(z.string(), z.int().min(0)).optional(),
});
