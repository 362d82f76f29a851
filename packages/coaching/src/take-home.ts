import { findDrill, findLift } from '@spalo/catalog';
import { amountText, type HeldCount } from '@spalo/core/lift';
import { openFlags, type Person } from '@spalo/core/person';
import {
  countedSets,
  type LiftState,
  type LoadedLift,
  type LoggedSet,
  type SessionState,
} from '@spalo/core/session';
import { amid, massText, type Grams, type Unit, countText, listText } from '@spalo/core/unit';
import { drillJoints } from '@spalo/core/warm-up';
import { cueTo, type Learner } from './technique/taught-to';

/** What a client takes home of a session, in plain words. */
export interface TakeHome {
  /** What was done, a line a lift. */
  done: string[];
  /** What went well. */
  good: string[];
  /** The one thing to think of; null where no lift has a cue. */
  cue: { liftId: string; styleId: string; lift: string; text: string } | null;
  /** What to do until next time. */
  homework: { name: string; how: string; amount: string }[];
  /** What comes next time, a line a lift. */
  next: string[];
}

/** A step of a general warm-up, as far as it is told here. */
interface DrillDone {
  drillId: string;
  rounds: number;
  reps: number | null;
  seconds: number;
}

/** What a page is made of besides the session. */
export interface TakeHomeFrom {
  unit: Unit;
  person: Pick<Person, 'flags'> & Learner;
  /** The client's session before this one; absent where there was none. */
  before?: SessionState | undefined;
  /** What is drafted for next time. */
  next: readonly LoadedLift[];
  /** Drills to practise, where the session itself had none: those of the next general warm-up. */
  drills: readonly DrillDone[];
}

const DRILLS = 3;

const nameOf = (liftId: string) => findLift(liftId)?.name ?? liftId;

/** "40 kg", "14 kg in each hand"; nothing where only the body is lifted. */
function loadText(liftId: string, loadG: Grams, unit: Unit): string {
  if (loadG === 0) return '';
  const each = findLift(liftId)?.implement === 'dumbbell pair' ? ' in each hand' : '';
  return `${massText(loadG, unit)}${each}`;
}

/** Sets as a client says them: "3 sets of 8 with 40 kg", "8, 8 and 6 reps with 40 kg". */
function setsText(
  liftId: string,
  sets: readonly { loadG: Grams; reps: number }[],
  unit: Unit,
  counted?: HeldCount,
): string {
  const top = Math.max(...sets.map(({ loadG }) => loadG));
  const load = loadText(liftId, top, unit);
  const withLoad = load && ` with ${load}`;
  const [first] = sets;
  const alike = sets.every(({ reps }) => reps === first!.reps);
  if (alike) {
    const times = countText(sets.length, 'set');
    return `${times} of ${counted ? amountText(first!.reps, counted) : first!.reps}${withLoad}`;
  }
  const amounts = sets.map(({ reps }) => (counted ? amountText(reps, counted) : String(reps)));
  const listed = listText(amounts);
  return `${listed}${counted ? '' : ' reps'}${withLoad}${sets.some(({ loadG }) => loadG < top) ? ' at most' : ''}`;
}

interface Done {
  lift: LiftState;
  sets: LoggedSet[];
}

const doneIn = ({ lifts }: SessionState): Done[] =>
  lifts
    .map((lift) => ({ lift, sets: countedSets(lift, 'working') }))
    .filter(({ sets }) => sets.length > 0);

/** What is more than the time before, in words; null where nothing is. */
function moreText(
  { lift, sets }: Done,
  before: SessionState | undefined,
  unit: Unit,
): string | null {
  const { liftId, counted } = lift.plan;
  const last = before && doneIn(before).find((each) => each.lift.plan.liftId === liftId);
  if (!last) return null;
  const heaviest = (all: readonly LoggedSet[]) => Math.max(...all.map(({ loadG }) => loadG));
  const [now, then] = [heaviest(sets), heaviest(last.sets)];
  if (now > then) {
    const from = loadText(liftId, then, unit);
    return `${nameOf(liftId)}: ${loadText(liftId, now, unit)}${from && `, up from ${from}`}.`;
  }
  const clean = (all: readonly LoggedSet[]) =>
    all.filter(({ loadG }) => loadG === now).reduce((sum, { cleanReps }) => sum + cleanReps, 0);
  const more = now === then && !counted ? clean(sets) - clean(last.sets) : 0;
  if (more <= 0 || sets.length > last.sets.length) return null;
  return `${nameOf(liftId)}: ${countText(more, 'clean rep')} more with the same load.`;
}

/** What went well: clean reps, more than last time, what the trainer wrote. Never nothing. */
function goodOf(done: readonly Done[], { before, unit }: TakeHomeFrom): string[] {
  const counted = done.filter(({ lift }) => !lift.plan.counted);
  const sets = counted.flatMap((each) => each.sets);
  const clean = counted.filter((each) => each.sets.every((set) => set.cleanReps === set.reps));
  const all = sets.length > 0 && clean.length === counted.length;
  const written = done.flatMap(({ lift }) =>
    lift.review?.good ? [`${nameOf(lift.plan.liftId)}: ${lift.review.good}`] : [],
  );
  const more = done.flatMap((each) => moreText(each, before, unit) ?? []);
  const cleanText = all
    ? ['Every rep was clean.']
    : clean.map(({ lift }) => `${nameOf(lift.plan.liftId)}: every rep was clean.`);
  const good = [...cleanText, ...more, ...written];
  const count = done.reduce((sum, each) => sum + each.sets.length, 0);
  return good.length > 0 ? good : [`You came, and did ${countText(count, 'set')}.`];
}

/** The cue of the lift that needs it most: the one with most marks, else the first that has one. */
function cueFor(
  done: readonly Done[],
  { next, person }: TakeHomeFrom,
  now: string,
): TakeHome['cue'] {
  const marks = ({ sets }: Done) => sets.reduce((sum, set) => sum + set.marks.length, 0);
  const inTurn = [...done].sort((a, b) => marks(b) - marks(a));
  for (const { lift } of inTurn) {
    const { liftId } = lift.plan;
    const plan = next.find((each) => each.liftId === liftId) ?? {
      ...lift.plan,
      focusCueId: lift.focusCueId,
    };
    const cue = cueTo(person, { ...plan, liftId }, now);
    if (cue) return { liftId, styleId: plan.styleId, lift: nameOf(liftId), text: cue.text };
  }
  return null;
}

/** Drills that were done with the trainer and need no equipment worth naming, without what a flag or caution shuts out. */
function homeworkOf(session: SessionState, { drills, person }: TakeHomeFrom): TakeHome['homework'] {
  const own = session.general.filter(({ state }) => state !== 'skipped');
  const sore = new Set<string>(openFlags(person).map(({ place }) => place));
  const practised = [...own, ...drills].flatMap(({ drillId, rounds, reps, seconds }) => {
    const drill = findDrill(drillId);
    if (!drill || (drill.job !== 'mobilise' && drill.job !== 'activate')) return [];
    if (drillJoints(drill).some((joint) => sore.has(joint))) return [];
    if (drill.notWith.some((caution) => person.cautions.includes(caution))) return [];
    const once = reps === null ? `${seconds} seconds` : `${reps} times`;
    const amount = rounds > 1 ? `${once}, ${rounds} rounds` : once;
    return [{ name: drill.name, how: drill.how, amount }];
  });
  const remedies = session.lifts.flatMap(({ plan, remedies: taken }) =>
    taken
      .filter(({ kind }) => kind === 'corrective')
      .map(({ text }) => ({
        name: `For the ${amid(nameOf(plan.liftId))}`,
        how: text,
        amount: '',
      })),
  );
  const once = new Map([...remedies, ...practised].map((each) => [each.name, each]));
  return [...once.values()].slice(0, DRILLS);
}

/**
 * What a client takes home of a session: nothing about others, no answers to health questions, and no number that invites to
 * test a maximum.
 */
export function takeHomeOf(session: SessionState, from: TakeHomeFrom): TakeHome {
  const { unit, next } = from;
  const done = doneIn(session);
  return {
    done: done.map(
      ({ lift: { plan }, sets }) =>
        `${nameOf(plan.liftId)}: ${setsText(plan.liftId, sets, unit, plan.counted)}`,
    ),
    good: goodOf(done, from),
    cue: cueFor(done, from, session.startedAt),
    homework: homeworkOf(session, from),
    next: next.map(({ liftId, sets, reps, loadG, counted }) => {
      const planned = Array.from({ length: sets }, () => ({ loadG, reps }));
      return `${nameOf(liftId)}: ${setsText(liftId, planned, unit, counted)}`;
    }),
  };
}
