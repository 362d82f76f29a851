import type { Rest } from '@spalo/core/floor';
import type { Stretch } from '../../design/Countdown';

/** A rest as what is drawn of it. */
export const stretchOf = ({ since, seconds }: Rest): Stretch => ({
  endsMs: Date.parse(since) + seconds * 1000,
  seconds,
});
