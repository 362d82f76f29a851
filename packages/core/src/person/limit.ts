import type { StoredWhy } from '../words/why';
import type { Override } from './person';

/** Why something is not offered, and whether the trainer may open it with a reason. */
export interface Limit {
  why: StoredWhy;
  /** false: only clearance, or time, opens it. */
  overridable: boolean;
  /** The override that opened it, when there is one. */
  opened: Override | null;
  /** What it comes from, which an opening answers; absent where nothing opens it. */
  from?: Pick<Override, 'flagId' | 'degree' | 'caution'>;
}

/** Whether a limit holds: it is there, and nobody opened it. */
export const isClosed = (limit: Limit | null): limit is Limit =>
  limit !== null && limit.opened === null;
