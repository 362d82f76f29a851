import { repLifts } from '@spalo/catalog';
import {
  liftOffs,
  loadBelief,
  studioRatios,
  type ClientHistory,
  type LiftOffs,
  type Person,
  type StudioRatios,
} from '@spalo/core';
import { addTallies, type CueTallies } from './cue-choice';

/** The part of one client's history from which the whole studio learns: no session, no load, no name. */
export interface ClientShare {
  offs: LiftOffs;
  /** By lift id. */
  cues: Readonly<Record<string, CueTallies>>;
  /** Ids of the lifts that they have trained. */
  lifts: string[];
}

/** What a studio has learned from all its clients. */
export interface StudioLearned {
  ratios: StudioRatios;
  /** By lift id. */
  cues: Readonly<Record<string, CueTallies>>;
  /** Ids of the lifts that somebody has trained. */
  trained: string[];
}

export const nothingLearned: StudioLearned = { ratios: {}, cues: {}, trained: [] };

/** What the studio has learned of the cues of a lift. */
export const cuesOf = ({ cues }: Pick<StudioLearned, 'cues'>, liftId: string): CueTallies =>
  Object.hasOwn(cues, liftId) ? cues[liftId]! : {};

/** What a client's history gives to the studio. `now`: ISO time. */
export function shareOf(person: Person, history: ClientHistory, now: string): ClientShare {
  const belief = history.belief && loadBelief(history.belief, repLifts());
  return {
    offs: belief ? liftOffs(person, belief, now) : {},
    cues: Object.fromEntries(
      Object.entries(history.lifts).flatMap(([liftId, { cues }]) => (cues ? [[liftId, cues]] : [])),
    ),
    lifts: Object.keys(history.lifts),
  };
}

/** What the shares of all clients come to. */
export function learnedFrom(shares: readonly ClientShare[]): StudioLearned {
  const cues = new Map<string, CueTallies>();
  for (const share of shares) {
    for (const [liftId, judged] of Object.entries(share.cues)) {
      cues.set(liftId, addTallies(cues.get(liftId) ?? {}, judged));
    }
  }
  return {
    ratios: studioRatios(shares.map(({ offs }) => offs)),
    cues: Object.fromEntries(cues),
    trained: [...new Set(shares.flatMap(({ lifts }) => lifts))].sort(),
  };
}
