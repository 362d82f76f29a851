import { reduceBlock } from '@spalo/core/block';
import type { LogEvent, StreamKind } from '@spalo/core/log';
import { reduceSession } from '@spalo/core/session';

/** What a whole log of a stream tells; null while what starts it has not arrived. */
export type Reducer = (log: readonly LogEvent[]) => object | null;
export type Reducers = Record<string, Reducer>;

/** Every stream that this version makes sense of. Others are kept and shown to nobody. */
export const reducers = { session: reduceSession, block: reduceBlock } satisfies Record<
  StreamKind,
  Reducer
>;

/** What the streams of each kind tell, by the id of what they are about. */
export type StatesOf<R extends Reducers> = {
  [S in keyof R]: ReadonlyMap<string, NonNullable<ReturnType<R[S]>>>;
};
