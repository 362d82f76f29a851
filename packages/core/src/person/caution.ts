import { cautionWords } from '../words/vocabulary';

/** What screening can limit, without the answers themselves; the most pressing first. */
export const cautionKinds = [
  'unscreened',
  'clearance',
  'forbidden',
  'exhale',
  'no low reps',
  'slow changes',
  'long rests',
  'light start',
  'careful after clearance',
  'not lying flat',
  'reserve not pulse',
] as const;
export type Caution = (typeof cautionKinds)[number];

/** Each caution in one sentence. */
export const cautionText: Record<Caution, string> = cautionWords;
