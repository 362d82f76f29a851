import { repLifts } from '@spalo/catalog';
import type { ClientHistory, LiftMemory } from '@spalo/core/memory';
import type { Person } from '@spalo/core/person';
import {
  liftOffs,
  loadBelief,
  studioRatios,
  type LiftOffs,
  type StudioRatios,
} from '@spalo/core/strength';
import type { Grams } from '@spalo/core/unit';
import { addTallies, type CueTallies } from './cue-choice';

/** The part of one client's history from which the whole studio learns: no session, no name. */
export interface ClientShare {
  offs: LiftOffs;
  /** By lift id. */
  cues: Readonly<Record<string, CueTallies>>;
  /** Ids of the lifts that they have trained. */
  lifts: string[];
  /** The heaviest load of each in its latest sessions, g; absent in what was kept before it was. */
  heaviest?: Readonly<Record<string, Grams>>;
}

/** What a studio has learned from all its clients. */
export interface StudioLearned {
  ratios: StudioRatios;
  /** By lift id. */
  cues: Readonly<Record<string, CueTallies>>;
  /** Ids of the lifts that somebody has trained. */
  trained: string[];
  /** The heaviest load that anybody has had lately, by lift id, g; absent in what was kept before it was. */
  heaviest?: Readonly<Record<string, Grams>>;
}

export const nothingLearned: StudioLearned = {
  ratios: {},
  cues: {},
  trained: [],
  heaviest: {},
};

/** What the studio has learned of the cues of a lift. */
export const cuesOf = ({ cues }: Pick<StudioLearned, 'cues'>, liftId: string): CueTallies =>
  Object.hasOwn(cues, liftId) ? cues[liftId]! : {};

/** The heaviest load of a lift with its id; empty where no set of it is known. */
function heaviestOf(liftId: string, { lastTime, marked = [] }: LiftMemory): [string, Grams][] {
  const sets = [...lastTime, ...marked.flatMap((session) => session.sets)];
  return sets.length > 0 ? [[liftId, Math.max(...sets.map(({ loadG }) => loadG))]] : [];
}

/** What a client's history gives to the studio, as of its last session: so it is the same whenever it is made. */
export function shareOf(person: Person, history: ClientHistory): ClientShare {
  const belief = history.belief && loadBelief(history.belief, repLifts());
  return {
    offs: belief && history.lastSessionAt ? liftOffs(person, belief, history.lastSessionAt) : {},
    cues: Object.fromEntries(
      Object.entries(history.lifts).flatMap(([liftId, { cues }]) => (cues ? [[liftId, cues]] : [])),
    ),
    lifts: Object.keys(history.lifts),
    heaviest: Object.fromEntries(
      Object.entries(history.lifts).flatMap(([liftId, memory]) => heaviestOf(liftId, memory)),
    ),
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
  const heaviest = new Map<string, Grams>();
  for (const [liftId, loadG] of shares.flatMap((share) => Object.entries(share.heaviest ?? {}))) {
    heaviest.set(liftId, Math.max(heaviest.get(liftId) ?? 0, loadG));
  }
  return {
    ratios: studioRatios(shares.map(({ offs }) => offs)),
    cues: Object.fromEntries(cues),
    trained: [...new Set(shares.flatMap(({ lifts }) => lifts))].sort(),
    heaviest: Object.fromEntries(heaviest),
  };
}
