import { findDrill, findLift } from '@spalo/catalog';
import type { EventPayloads, EventType } from '@spalo/core/session';
import { amid, type Unit, countText } from '@spalo/core/unit';
import { ruleText, whyText } from '@spalo/core/words';
import { loadReps } from './load-words';
import { painWords } from './pain-words';

/** An entry of a session's log as it was stored. */
export type StoredEntry = {
  [T in EventType]: { id: string; type: T; payload: EventPayloads[T] };
}[EventType];

type Words = { [T in EventType]: (payload: EventPayloads[T], unit: Unit) => string };

const drill = (drillId: string) => findDrill(drillId)?.name ?? drillId;
const lift = (liftId: string) => findLift(liftId)?.name ?? liftId;

/** What each entry did, said after it was stored: a new type of entry is not without its words. */
const words: Words = {
  'session.started': () => 'Session started',
  'session.finished': () => 'Session finished',
  'session.reopened': () => 'Session reopened',
  'session.handed-over': () => 'Handed over',
  'client.checked-in': ({ dayForm }) => `Today they feel ${dayForm}`,
  'lift.added': ({ lift: added }) => `${lift(added.liftId)} added`,
  'lift.skipped': ({ liftId, skipped }) => `${lift(liftId)} ${skipped ? 'skipped' : 'taken up'}`,
  'lift.swapped': ({ liftId, by }) => `${lift(by.liftId)} for ${amid(lift(liftId))}`,
  'lifts.ordered': () => 'Lifts in another order',
  'lifts.paired': ({ liftIds: [one, other], paired }) =>
    paired
      ? `${lift(one)} alternates with ${amid(lift(other))}`
      : `${lift(one)} and ${amid(lift(other))} one after the other`,
  'lift.changed': ({ sets, reps, targetRir }) => `Today ${sets} × ${reps}, leave ${targetRir}`,
  'set.logged': ({ loadG, reps }, unit) => `${loadReps(loadG, reps, unit)} logged`,
  'set.corrected': ({ loadG, reps }, unit) => `Corrected to ${loadReps(loadG, reps, unit)}`,
  'set.voided': ({ voided }) => (voided ? 'Set removed' : 'Set brought back'),
  'set.judged': ({ representative }) => (representative ? 'Set counts again' : 'Set left out'),
  'set.told-apart': () => 'Counted as a set of its own',
  'drills.marked': ({ drillIds, state }) =>
    `${countText(drillIds.length, 'drill')} ${state === 'open' ? 'taken up again' : state}`,
  'drill.swapped': ({ drillId, by }) => `${drill(by.drillId)} instead of ${amid(drill(drillId))}`,
  'general.planned': () => 'Warm-up fitted',
  'ramp.chosen': () => 'Ramp chosen',
  'ramp.moved': ({ move }) => (move === 'usual' ? 'It moved as usual' : `The load ${move}`),
  'warm-up.judged': ({ verdict }) => `Warm-up: ${verdict}`,
  'pain.reported': (pain) => `${painWords(pain)} noted`,
  'pain.withdrawn': () => 'Pain withdrawn',
  'flag.met': ({ eased }) => (eased ? `Eased for the ${eased.place}` : 'Gone on, and why'),
  'day-after.told': ({ how }) =>
    how === 'settled' ? 'Settled on the day after' : 'Worse on the day after',
  'plan.adjusted': ({ reasons, reason }, unit) =>
    whyText(reasons?.[0] ?? reason ?? 'Plan changed', unit),
  'scheme.chosen': ({ liftId, scheme }) => `${lift(liftId)}: ${scheme ?? 'by the rule'}`,
  'rule.kept': ({ liftId, rule }) =>
    `${lift(liftId)} from now on ${rule ? ruleText(rule) : 'as proposed'}`,
  'suggestion.answered': ({ liftId }) => `${lift(liftId)} decided`,
  'cue.given': () => 'Cue chosen',
  'style.chosen': () => 'Style chosen',
  'cue.judged': ({ outcome }) =>
    outcome === 'helped'
      ? 'Cue helped'
      : outcome === 'same'
        ? 'Cue changed nothing'
        : 'Cue made it worse',
  'remedy.taken': () => 'Remedy taken',
  'point.ticked': ({ ticked }) => (ticked ? 'Point ticked' : 'Tick taken off'),
  'step.taught': ({ right }) => (right ? 'Step taught' : 'Step not yet right'),
  'clip.filmed': () => 'Film kept',
  'clip.followed': () => 'Bar followed',
  'sign.answered': ({ sign, rep, taken }) => `Rep ${rep}, ${sign}: ${taken ? 'marked' : 'dropped'}`,
  'still.kept': () => 'Still kept',
  'review.written': ({ liftId }) => `${lift(liftId)}: review kept`,
  'note.added': () => 'Note kept',
  'entries.withdrawn': ({ withdrawn }) => (withdrawn ? 'Taken back' : 'Restored'),
};

/** What an entry did, in words. */
export const entryWords = ({ type, payload }: StoredEntry, unit: Unit): string =>
  // What ties a type to its payload holds for each row of the table.
  (words[type] as (payload: unknown, unit: Unit) => string)(payload, unit);
