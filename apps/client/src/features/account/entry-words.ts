import type { BlockEventType } from '@spalo/core/block';
import type { EventType } from '@spalo/core/session';
import type { ChangeRoute } from '../../state/changes/changes';
import type { Entry } from '../../state/log/journal-store';

const events: Record<EventType | BlockEventType, string> = {
  'session.started': 'the start of a session',
  'session.finished': 'the end of a session',
  'session.reopened': 'a session opened again',
  'session.handed-over': 'a session handed over',
  'client.checked-in': 'how a client came in',
  'day-after.told': 'how the day after was',
  'general.planned': 'a general warm-up',
  'drills.marked': 'drills that were done',
  'drill.swapped': 'a drill instead of another',
  'lift.added': 'a lift that was added',
  'lift.swapped': 'a lift instead of another',
  'lift.skipped': 'a lift that was left out',
  'lift.changed': 'what a lift was asked for',
  'lifts.ordered': 'an order of lifts',
  'lifts.paired': 'two lifts that alternate',
  'plan.adjusted': 'a change of sets',
  'ramp.chosen': 'a choice of ramp',
  'ramp.moved': 'how a warm-up set moved',
  'warm-up.judged': 'how a warm-up was',
  'set.logged': 'a set',
  'set.corrected': 'a correction of a set',
  'set.voided': 'a set that was removed',
  'set.judged': 'whether a set counts',
  'set.told-apart': 'what of a set was seen',
  'suggestion.answered': 'a decision for next time',
  'scheme.chosen': 'a choice of scheme',
  'style.chosen': 'a choice of style',
  'rule.kept': 'a rule for a lift',
  'cue.given': 'a cue',
  'cue.judged': 'what a cue did',
  'point.ticked': 'a checkpoint',
  'remedy.taken': 'a remedy',
  'step.taught': 'a step of a first lesson',
  'sign.answered': 'an answer to a red sign',
  'pain.reported': 'a report of pain',
  'pain.withdrawn': 'a report of pain taken back',
  'flag.met': 'what a new flag meant today',
  'note.added': 'a note',
  'review.written': 'a review',
  'clip.filmed': 'a film',
  'clip.followed': 'a bar path',
  'still.kept': 'a still',
  'entries.withdrawn': 'an undo',
  'block.started': 'the start of a block',
  'block.named': 'the name of a block',
  'block.ended': 'the end of a block',
  'block.asked': 'what a block asks for',
  'block.day-left-out': 'a day of a block that was left out',
  'block.lift-left-out': 'a lift of a block that was left out',
  'block.lift-planned': 'a lift of a block',
  'block.keenness-told': 'how they find a block',
};

const changes: Record<ChangeRoute, string> = {
  putClient: 'facts of a client',
  putFlag: 'a flag',
  putMeasurement: 'a measurement',
  putScreening: 'health answers',
  putBooking: 'a booking',
  putBookings: 'several bookings',
  deleteBooking: 'a booking that was removed',
  putTemplate: 'a template',
  deleteTemplate: 'a template that was removed',
  putRoom: 'a room',
  deleteRoom: 'a room that was removed',
  putOwnLift: 'a lift of your own',
  deleteOwnLift: 'a lift of your own that was removed',
};

/** What an entry of the device's journal is, as it stands in a sentence. */
export function entryWords(entry: Entry): string {
  if (entry.kind === 'change') return changes[entry.change.route];
  const { type } = entry.event;
  return type in events ? events[type as EventType] : 'an entry of a newer version';
}
