import type { BlockState } from '@spalo/core/block';
import type { ClientHistory } from '@spalo/core/memory';
import type { Person, Wishes } from '@spalo/core/person';
import type { BodyRange } from '@spalo/core/warm-up';

/** A client as coaching sees them: who they are, what they lack, and what earlier sessions left. */
export interface CoachedClient extends Person {
  /** Lifts of their sessions; empty for the usual ones. */
  programme: readonly string[];
  stiff: readonly BodyRange[];
  history: ClientHistory;
  /** Their blocks, the latest started first; absent where there are none. */
  blocks?: readonly BlockState[];
  /** What they want of their weeks; absent where nobody wrote it down. */
  wishes?: Wishes;
}
