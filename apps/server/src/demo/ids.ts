import type { Random } from '@spalo/simulator';
import { v7 } from 'uuid';

/** A UUIDv7 for a moment whose random part comes from the seed; ids of one source rise even within a millisecond. */
export function seededIds(random: Random): (atMs: number) => string {
  let seq = 0;
  return (msecs) => {
    const bytes = Uint8Array.from({ length: 16 }, () => random.between(0, 255));
    seq += 1;
    return v7({ msecs, seq, random: bytes });
  };
}
