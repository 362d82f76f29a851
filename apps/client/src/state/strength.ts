import { repLifts } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import type { Lift } from '@spalo/core/lift';
import { evidenceOf } from '@spalo/core/memory';
import type { Person } from '@spalo/core/person';
import { countedSets, type SessionState } from '@spalo/core/session';
import {
  type Belief,
  loadBelief,
  readStrength,
  type SavedBelief,
  type StrengthProfile,
  type StudioRatios,
} from '@spalo/core/strength';
import { nowIso, nowMs } from '@spalo/core/unit';

const HOUR_MS = 3600 * 1000;

const beliefs = new WeakMap<SavedBelief, { lifts: readonly Lift[]; belief: Belief | null }>();
const profiles = new WeakMap<
  Client,
  { hour: number; ratios: StudioRatios; lifts: readonly Lift[]; profile: StrengthProfile }
>();
const today = new WeakMap<SessionState, { before: StrengthProfile; profile: StrengthProfile }>();

function beliefOf(client: Client): Belief | null {
  const saved = client.history.belief;
  if (!saved) return null;
  const lifts = repLifts();
  const known = beliefs.get(saved);
  if (known?.lifts === lifts) return known.belief;
  const belief = loadBelief(saved, lifts);
  beliefs.set(saved, { lifts, belief });
  return belief;
}

let studio: StudioRatios = {};

/** What this studio's clients teach of its lifts, as far as this device has fetched it. */
export const ratiosHere = (): StudioRatios => studio;

/** From now on a client's strength is read with these ratios of the studio. */
export function takeRatios(ratios: StudioRatios): void {
  studio = ratios;
}

/** What is believed of a client's strength now, from finished sessions; worked out once an hour and client. */
export function profileOfClient(client: Client, ratios = studio): StrengthProfile {
  const hour = Math.floor(nowMs() / HOUR_MS);
  const known = profiles.get(client);
  const lifts = repLifts();
  if (known?.hour === hour && known.ratios === ratios && known.lifts === lifts) {
    return known.profile;
  }
  const profile = readStrength(client, beliefOf(client), lifts, nowIso(), ratios);
  profiles.set(client, { hour, ratios, lifts, profile });
  return profile;
}

/** The same with the sets of a session that is still open taken in. */
export function profileToday(
  client: Client,
  session: SessionState | undefined,
  ratios = studio,
): StrengthProfile {
  const before = profileOfClient(client, ratios);
  if (!session) return before;
  const known = today.get(session);
  if (known?.before === before) return known.profile;
  const sets = evidenceOf(session);
  const { dayForm } = session;
  const soFar = sets.length > 0 ? before.after(sets) : dayForm ? before.feeling(dayForm) : before;
  // What was seen of ramps whose working sets are still to come; of the others their sets bear it.
  const profile = session.lifts
    .filter((lift) => countedSets(lift, 'working').length === 0)
    .reduce((form, { rampMove }) => (rampMove ? form.feeling(rampMove) : form), soFar);
  today.set(session, { before, profile });
  return profile;
}

/** A session whose client is not known here (yet): only its own sets speak. */
export function profileOfNobody(session: SessionState): StrengthProfile {
  const someBody: Person = {
    bodyMassG: 75_000,
    sex: 'unsaid',
    trainingMonths: 0,
    birthDate: null,
    nervous: false,
    preference: 'none',
    flags: [],
    reports: [],
    cautions: [],
    overrides: [],
  };
  return readStrength(someBody, null, repLifts(), session.startedAt).after(evidenceOf(session));
}
