import { paceOf, sessionDuration, type Pace, type SessionDuration } from '@spalo/core/time';
import { draftSession } from '@spalo/core/planning';
import { buildGeneral, generalSeconds, type WarmUpTaste } from '@spalo/core/warm-up';
import { buildSession, type Built, type BuiltSession, type Solve } from '@spalo/core/builder';
import { draftInputFor, type Training } from '../planning/draft-input';
import { generalInputFor, generalMinutes } from '../planning/general-input';
import { programmeFor, programmeOf } from '../programme/programme';
import { buildAskFor, coverById, type BuildWish } from './build-ask';

/** A session built for a client, with what it takes as a whole. */
export type BuiltFor =
  | Exclude<Built, { session: BuiltSession }>
  | (Extract<Built, { session: BuiltSession }> & {
      takes: SessionDuration;
      /** Finished sessions that its pace is learnt from. */
      paced: number;
    });

/** The hour of the day in the studio's zone, and how the trainer warms up. */
interface When {
  hour: number;
  taste: WarmUpTaste;
}

const generalFor = (
  { client, now }: Training,
  liftIds: readonly string[],
  { hour, taste }: When,
  minutes: number | null,
) => buildGeneral(generalInputFor(client, liftIds, { now, hour }, { minutes, taste }));

/** Seconds of the general part before the client's usual lifts, as short as it may be made. */
function usualGeneralS(training: Training, minutes: number, when: When): number {
  const usual = programmeFor(training.client, training.room, training.now);
  const ids = usual.map(({ lift }) => lift.id);
  return generalSeconds(
    generalFor(training, ids, when, generalMinutes(minutes, training.client, training.now)).steps,
  );
}

/** How long a session takes with its general part and with ramps that know what is warm already. */
function takesOf(
  lifts: BuiltSession['lifts'],
  training: Training,
  when: When,
  minutes: number,
  pace: Pace,
): SessionDuration {
  const draft = draftSession(draftInputFor(training, programmeOf(lifts)));
  const ids = lifts.map(({ liftId }) => liftId);
  const general = generalFor(
    training,
    ids,
    when,
    generalMinutes(minutes, training.client, training.now),
  );
  return sessionDuration(draft.lifts, general.steps, training.room, pace);
}

/** What other lifts may add to the general part and to ramps, seconds: kept free from the start, and again with each new try. */
const SPARE_S = 120;
/** Where the estimate lift by lift was too short all the same, it is built again with less time: so often. */
const MOST_TRIES = 4;

/** Builds a session for a client in a room: it fits the minutes at their pace, with its general part, ramps and changes. */
export function buildFor(training: Training, wish: BuildWish, when: When, solve: Solve): BuiltFor {
  const pace = paceOf(training.client.history.times ?? [], training.others);
  const generalS = usualGeneralS(training, wish.minutes, when) + pace.beforeS;
  const ask = buildAskFor(training, wish, generalS + SPARE_S, pace);
  let { seconds } = ask;
  let over = 0;
  for (let tried = 0; tried < MOST_TRIES; tried += 1) {
    const built = buildSession({ ...ask, seconds }, solve, coverById);
    if ('lacks' in built) return built;
    const takes = takesOf(built.session.lifts, training, when, wish.minutes, pace);
    over = Math.ceil(takes.totalS - wish.minutes * 60);
    if (over <= 0) return { ...built, takes, paced: pace.sessions };
    seconds -= over + SPARE_S;
  }
  return { lacks: [{ limit: 'time', seconds: over }] };
}
