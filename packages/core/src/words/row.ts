import type { Count } from '../lift/counted';
import type { Grams } from '../unit/mass';

/** How much is asked: a load, or how many reps, seconds or metres. */
export type Much = { loadG: Grams } | { amount: number; of: Count };

/** A set that was done, as far as a reason tells of it. */
export interface DoneSet {
  clean: number;
  rir: number | null;
}

/** What sets are likely to leave: about `rir`, or to which side of it. */
export interface Left {
  rir: number;
  how: 'about' | 'more' | 'less';
}

/** What a reason may rest on, by kind: what is kept of it. A `word` is a name or one of a vocabulary. */
export interface Kept {
  mass: Grams;
  count: number;
  counts: readonly number[];
  yes: boolean;
  word: string;
  words: readonly string[];
  much: Much;
  set: DoneSet;
  left: Left;
}

/** The same as a sentence takes it; a `why` is another reason, said. */
export interface Said {
  mass: string;
  count: number;
  counts: string;
  yes: boolean;
  word: string;
  words: string;
  much: string;
  set: string;
  left: string;
  why: string;
}

export type Kind = keyof Said;
export type Params = Readonly<Record<string, Kind>>;

/** A reason, declared once: what it rests on, and its sentence, without a full stop. */
export interface Row<P extends Params = Params> {
  params: P;
  says(said: { [K in keyof P]: Said[P[K]] }): string;
}

/** A reason that rests on something. */
export const row = <const P extends Params>(params: P, says: Row<P>['says']): Row<P> => ({
  params,
  says,
});

/** A reason that says the same every time. */
export const plain = (text: string): Row<Record<never, never>> => ({
  params: {},
  says: () => text,
});
