import type { Lift } from '../lift/lift';
import type { SchemeName } from '../session/scheme';
import type { Ask, BlockLift, BlockPlan } from './block';

/** Where in a block a day is: its week from 0, of how many, and whether it is the week's light day. */
interface At {
  week: number;
  weeks: number;
  light: boolean;
}

/** What a template asks of a lift on a day. */
type AskIn = (lift: Lift, at: At) => Ask;

/** A strategy that blocks are drafted from. */
export interface Template {
  id: string;
  name: string;
  /** What it is for, in a sentence. */
  says: string;
  /** How many weeks it may take, and how many where nobody says. */
  weeks: { may: readonly number[]; usual: number };
  scheme: SchemeName;
  ask: AskIn;
}

/** Share of a heavy day's load on a light one, and in the light week of a cycle. */
const LIGHT = 0.9;
const LIGHT_WEEK = 0.85;
/** Weeks of a cycle: three that ask more and more, and a light one. */
const CYCLE = 4;
/** More sets than these of every lift leave no time for the others. */
const MOST_SETS = 4;

/** Small lifts and those that are held go on in their own reps: a wave is for big ones. */
const isBig = ({ restClass, counted }: Lift) => restClass !== 'small' && counted === 'reps';

const middle = ({ repRange }: Lift) => Math.round((repRange.low + repRange.high) / 2);

const lighter = (ask: Ask, light: boolean): Ask =>
  light ? { ...ask, sets: Math.max(1, ask.sets - 1), share: LIGHT } : ask;

/** Reps fall by the same share from week to week, and the load rises. */
const falling =
  (from: number, to: number): AskIn =>
  (lift, { week, weeks, light }) =>
    isBig(lift)
      ? lighter(
          { sets: 3, reps: Math.round(from * (to / from) ** (week / (weeks - 1))), targetRir: 2 },
          light,
        )
      : { sets: 3, reps: middle(lift), targetRir: 2 };

const waveWeeks = { may: [3, 4, 5, 6], usual: 4 };

export const templates: readonly Template[] = [
  {
    id: 'wave',
    name: 'Wave: eights to fours',
    says: 'The reps of big lifts fall from eight to four, and the load climbs; small lifts keep their own reps.',
    weeks: waveWeeks,
    scheme: 'wave',
    ask: falling(8, 4),
  },
  {
    id: 'long-wave',
    name: 'Wave: twelves to sixes',
    says: 'The reps of big lifts fall from twelve to six, and the load climbs: a wave for a first year.',
    weeks: waveWeeks,
    scheme: 'wave',
    ask: falling(12, 6),
  },
  {
    id: 'more-sets',
    name: 'More sets',
    says: 'The same reps, and a set more every other week; the last week leaves one rep less.',
    weeks: waveWeeks,
    scheme: 'reserve-led',
    ask: (lift, { week, weeks, light }) =>
      lighter(
        {
          sets: Math.min(MOST_SETS, 2 + Math.ceil(week / 2)),
          reps: middle(lift),
          targetRir: week === weeks - 1 ? 1 : 2,
        },
        light,
      ),
  },
  {
    id: 'steady',
    name: 'Steady reps',
    says: 'The same sets in a range: first more reps, then more load.',
    weeks: { may: waveWeeks.may, usual: 6 },
    scheme: 'double progression',
    ask: (lift, { light }) => lighter({ sets: 3, reps: lift.repRange.low, targetRir: 2 }, light),
  },
  {
    id: 'cycle',
    name: 'Three and one',
    says: 'Three weeks that leave less and less in reserve, then a light one to be fresh again; eight weeks are two of them.',
    weeks: { may: [4, 8], usual: 4 },
    scheme: 'reserve-led',
    ask: (lift, { week, light }) => {
      const of = week % CYCLE;
      const reps = middle(lift);
      return of === CYCLE - 1
        ? { sets: 2, reps, targetRir: 3, share: LIGHT_WEEK }
        : lighter({ sets: 3, reps, targetRir: 3 - of }, light);
    },
  },
];

/** When and how often. */
export interface BlockShape {
  /** The first day (2026-11-24). */
  from: string;
  /** Absent: as many as the template usually takes. */
  weeks?: number;
  /** Sessions a week; of two or more the last is light where the template knows light days. */
  days: number;
}

const weeksOf = (weeks: number, days: number, ask: (week: number, day: number) => Ask | null) =>
  Array.from({ length: weeks }, (_, week) =>
    Array.from({ length: days }, (_each, day) => ask(week, day)),
  );

/** A lift over the weeks of a template. */
const liftInBlock = (
  template: Template,
  lift: Lift,
  { days, weeks }: Required<Pick<BlockShape, 'days' | 'weeks'>>,
): BlockLift => ({
  liftId: lift.id,
  scheme: isBig(lift) ? template.scheme : 'reserve-led',
  weeks: weeksOf(weeks, days, (week, day) =>
    template.ask(lift, { week, weeks, light: days > 1 && day === days - 1 }),
  ),
});

/** A block on a template, for some lifts. */
export const draftBlock = (
  template: Template,
  lifts: readonly Lift[],
  { from, days, weeks = template.weeks.usual }: BlockShape,
): BlockPlan => ({
  name: template.name,
  from,
  weeks,
  days,
  lifts: lifts.map((lift) => liftInBlock(template, lift, { days, weeks })),
});

/** A block from nothing: four weeks of three sets in each lift's own reps. */
export const plainBlock = (lifts: readonly Lift[], { from, days }: BlockShape): BlockPlan => ({
  name: 'Own block',
  from,
  weeks: 4,
  days,
  lifts: lifts.map((lift) => ({
    liftId: lift.id,
    scheme: 'reserve-led',
    weeks: weeksOf(4, days, () => ({ sets: 3, reps: middle(lift), targetRir: 2 })),
  })),
});
