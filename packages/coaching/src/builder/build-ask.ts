import { allLifts, findLift, stylesOf } from '@spalo/catalog';
import { isSteady, type Lift, type Muscle } from '@spalo/core/lift';
import { memoryOf } from '@spalo/core/memory';
import { isInFirstYear, turnedDownOn } from '@spalo/core/person';
import { BETWEEN_LIFTS_S, likelySteps, stepsDuration, type Pace } from '@spalo/core/time';
import { draftLoads, planLift, type ProgrammeLift } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import type { LoadedLift, PlannedLift } from '@spalo/core/session';
import { studioDay } from '@spalo/core/unit';
import type { StoredWhy } from '@spalo/core/words';
import {
  coverOf,
  coverOfWeek,
  weeklySets,
  type BuildAsk,
  type Candidate,
  type Cover,
  type Fixed,
  type Merit,
} from '@spalo/core/builder';
import { draftInputFor, type Training } from '../planning/draft-input';
import { programmeLift, suitsTheirYears, usualProgramme } from '../programme/programme';
import { sessionsAWeek, setsBetween } from './week-done';

/** What the trainer wants of a session. */
export interface BuildWish {
  /** What was booked, minutes. */
  minutes: number;
  /** When the week began and ends (ISO). */
  week: { from: string; to: string };
  /** Sessions of the week that are still to come, this one included; absent: from how often they come. */
  sessionsLeft?: number;
  fixed: readonly Fixed[];
  banned: readonly string[];
  /** The lifts of the session as it stood before the trainer changed what is asked: what need not change stays. */
  stood?: readonly string[];
}

/** How many lifts that are new, each a weight to be found, somebody takes in at once. */
const MOST_NEW = { nervous: 2, beginning: 3, others: 4 } as const;
/** Months of training until which little is known of how fast they learn. */
const BEGINNING_MONTHS = 6;

const mostNew = ({ nervous, trainingMonths }: Training['client']): number =>
  nervous
    ? MOST_NEW.nervous
    : trainingMonths < BEGINNING_MONTHS
      ? MOST_NEW.beginning
      : MOST_NEW.others;

/** Days within which a lift counts as done last time. */
const LATELY_DAYS = 10;
const DAY_MS = 24 * 3600 * 1000;

const SETS = { firstYear: [2, 3], later: [3, 4], turnedDown: [2] } as const;

function setChoiceOf({ client, now }: Training): readonly number[] {
  if (turnedDownOn(client, studioDay(now))) return SETS.turnedDown;
  return isInFirstYear(client) ? SETS.firstYear : SETS.later;
}

/** Seconds of a lift by number of sets, the change to it included. */
function secondsBy(
  plan: PlannedLift,
  setChoice: readonly number[],
  room: Room,
  slower: number,
): number[] {
  const warmUps = plan.steps.filter(({ kind }) => kind === 'warm-up');
  const [set] = plan.steps.filter(({ kind }) => kind === 'working');
  return setChoice.map((sets) => {
    const steps = [...warmUps, ...Array.from({ length: sets }, () => set!)];
    const likely = likelySteps({ ...plan, steps });
    const { warmUpS, workS } = stepsDuration(likely, plan, room);
    return Math.ceil((warmUpS + workS + BETWEEN_LIFTS_S) * slower);
  });
}

function meritsOf(
  lift: Lift,
  training: Training,
  usual: readonly string[],
  stood: readonly string[],
): Merit[] {
  const { client, now } = training;
  const { liked = [], disliked = [] } = client.wishes ?? {};
  const { lastDone } = memoryOf(client.history, lift.id);
  const lately = lastDone !== null && Date.parse(now) - Date.parse(lastDone) < LATELY_DAYS * DAY_MS;
  const slow = client.cautions.includes('slow changes');
  const all: [Merit, boolean][] = [
    ['liked', liked.includes(lift.id)],
    ['disliked', disliked.includes(lift.id)],
    ['their programme', client.programme.includes(lift.id)],
    ['as last time', lately],
    ['usual', usual.includes(lift.id)],
    ['suits', suitsTheirYears(client, lift.id)],
    ['steady', slow && isSteady(lift.position)],
    ['stood', stood.includes(lift.id)],
    ['new', lastDone === null && !client.reports.some(({ liftId }) => liftId === lift.id)],
  ];
  return all.filter(([, holds]) => holds).map(([merit]) => merit);
}

/** Whether even the lightest load here is more than somebody who never did a lift is believed to lift. */
const isTooHeavy = ({ liftId, loadG, belief }: LoadedLift, { client }: Training): boolean =>
  memoryOf(client.history, liftId).lastDone === null && belief !== null && loadG > belief.high;

/** The lifts that have a lesson here, as programmes take them. */
const taughtLifts = (): ProgrammeLift[] =>
  allLifts()
    .filter(({ id }) => (stylesOf(id)[0]?.cues.length ?? 0) > 0)
    .map(({ id }) => programmeLift(id));

/** The cover of any lift that is taught here. */
export function coverById(liftId: string): Cover | null {
  const lift = findLift(liftId);
  return lift ? coverOf(lift) : null;
}

/** Whether a lift is closed only since the room has nothing for it. */
const isOfRoom = (why: StoredWhy): boolean =>
  typeof why === 'object' && (why.code === 'nothing-to-load' || why.code === 'nothing-to-do-it-at');

/** What a session is built from: this client, this room, this week, these minutes less the general part (s). */
export function buildAskFor(
  training: Training,
  wish: BuildWish,
  generalS: number,
  pace: Pace,
): BuildAsk {
  const { client, room, now } = training;
  const entries = taughtLifts();
  const input = draftInputFor(training, entries);
  const { lifts: open, closed } = draftLoads(input);
  const setChoice = setChoiceOf(training);
  const usual = usualProgramme(client, room, now);
  const heavy = open.filter((lift) => isTooHeavy(lift, training));
  const able = open.filter((lift) => !heavy.includes(lift));
  const candidates = able.flatMap(({ liftId }): Candidate[] => {
    const entry = entries.find(({ lift }) => lift.id === liftId)!;
    const plan = planLift(entry, input, false);
    if (!plan) return [];
    const merits = meritsOf(entry.lift, training, usual, wish.stood ?? []);
    const isNew = merits.includes('new');
    return [
      {
        lift: entry.lift,
        seconds: secondsBy(plan, setChoice, room, pace.ofLift(liftId)),
        isNew,
        merits,
      },
    ];
  });
  const done = setsBetween(client.history, wish.week.from, wish.week.to);
  const daysDone = new Set(done.map(({ day }) => day)).size;
  const firstYear = isInFirstYear(client);
  return {
    candidates,
    shut: [
      ...closed.map(({ liftId, why }) => ({
        liftId,
        by: isOfRoom(why) ? ('room' as const) : ('closed' as const),
        why,
      })),
      ...heavy.map(({ liftId }) => ({
        liftId,
        by: 'strength' as const,
        why: { code: 'all-too-heavy' } as const,
      })),
    ],
    // The first lift needs no change to it.
    seconds: wish.minutes * 60 - generalS + BETWEEN_LIFTS_S,
    mostNew: mostNew(client),
    setChoice,
    week: coverOfWeek(done),
    sessionsLeft: wish.sessionsLeft ?? Math.max(1, sessionsAWeek(client, now) - daysDone),
    weeklySets: weeklySets(firstYear),
    focus: (client.wishes?.focus ?? []) as readonly Muscle[],
    fixed: wish.fixed,
    banned: wish.banned,
    steadyFirst: client.cautions.includes('slow changes'),
  };
}
