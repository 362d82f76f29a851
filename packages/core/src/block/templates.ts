import type { Lift } from '../lift/lift';
import { isInFirstYear } from '../person/training-age';
import type { SchemeName } from '../session/scheme';
import type { Ask, BlockLift, BlockPlan } from './block';

/** What a template asks of a lift in a week, on its heavy or its light day. */
type AskIn = (lift: Lift, week: number, light: boolean) => Ask;

/** A strategy that blocks are drafted from. */
export interface Template {
  id: string;
  name: string;
  /** What it is for, in a sentence. */
  says: string;
  weeks: number;
  scheme: SchemeName;
  ask: AskIn;
}

/** Share of a heavy day's load on a light one. */
const LIGHT = 0.9;

/** Small lifts and those that are held go on in their own reps: a wave is for big ones. */
const isBig = ({ restClass, counted }: Lift) => restClass !== 'small' && counted === 'reps';

const middle = ({ repRange }: Lift) => Math.round((repRange.low + repRange.high) / 2);

const lighter = (ask: Ask, light: boolean): Ask =>
  light ? { ...ask, sets: Math.max(1, ask.sets - 1), share: LIGHT } : ask;

/** Reps fall from week to week, and the load rises. */
const falling =
  (reps: readonly number[]): AskIn =>
  (lift, week, light) =>
    isBig(lift)
      ? lighter({ sets: 3, reps: reps[week]!, targetRir: 2 }, light)
      : { sets: 3, reps: middle(lift), targetRir: 2 };

export const templates: readonly Template[] = [
  {
    id: 'wave',
    name: 'Wave: eights to fours',
    says: 'Eights, sixes, fives and fours over four weeks; the load climbs as the reps fall.',
    weeks: 4,
    scheme: 'wave',
    ask: falling([8, 6, 5, 4]),
  },
  {
    id: 'long-wave',
    name: 'Wave: twelves to sixes',
    says: 'Twelves, tens, eights and sixes: a wave for a first year.',
    weeks: 4,
    scheme: 'wave',
    ask: falling([12, 10, 8, 6]),
  },
  {
    id: 'more-sets',
    name: 'More sets',
    says: 'The same reps, and a set more every other week; the last week leaves one rep less.',
    weeks: 4,
    scheme: 'reserve-led',
    ask: (lift, week, light) =>
      lighter(
        { sets: 2 + Math.ceil(week / 2), reps: middle(lift), targetRir: week === 3 ? 1 : 2 },
        light,
      ),
  },
  {
    id: 'steady',
    name: 'Steady reps',
    says: 'Six weeks of the same sets in a range: first more reps, then more load.',
    weeks: 6,
    scheme: 'double progression',
    ask: (lift, _week, light) => lighter({ sets: 3, reps: lift.repRange.low, targetRir: 2 }, light),
  },
];

/** The template that suits a client best. */
export const usualTemplate = (person: { trainingMonths: number }): Template =>
  templates.find(({ id }) => id === (isInFirstYear(person) ? 'long-wave' : 'wave'))!;

/** When and how often. */
export interface BlockShape {
  /** The first day (2026-11-24). */
  from: string;
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
  { days }: Pick<BlockShape, 'days'>,
): BlockLift => ({
  liftId: lift.id,
  scheme: isBig(lift) ? template.scheme : 'reserve-led',
  weeks: weeksOf(template.weeks, days, (week, day) =>
    template.ask(lift, week, days > 1 && day === days - 1),
  ),
});

/** A block on a template, for some lifts. */
export const draftBlock = (
  template: Template,
  lifts: readonly Lift[],
  shape: BlockShape,
): BlockPlan => ({
  name: template.name,
  from: shape.from,
  weeks: template.weeks,
  days: shape.days,
  lifts: lifts.map((lift) => liftInBlock(template, lift, shape)),
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
