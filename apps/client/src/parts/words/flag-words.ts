import type { FlagDegree } from '@spalo/core/person';

/** What a flag of each degree does, in two or three words. */
export const flagDoes: Record<FlagDegree, string> = {
  watch: 'watched',
  ease: 'eased',
  closed: 'closed',
};

/** The same in a sentence. */
export const flagMeans: Record<FlagDegree, string> = {
  watch: 'Watched: named and asked about; nothing is left out',
  ease: 'Eased: a tenth lighter in what loads it, only where nothing hurts',
  closed: 'Closed: what loads it is left out, and others stand in',
};
