import { BLOCK, blockChanges, type Ask, type BlockLift, type BlockPlan } from '@spalo/core/block';
import { flagPlaces } from '@spalo/core/person';
import { schemeNames, type BlockDay, type WayBack, WAY_BACK } from '@spalo/core/session';
import { z } from 'zod';
import { side } from './body';
import { same } from './same';
import { day, instant, line, repCount, slug, uuid } from './values';

const { weeks, days, lifts } = BLOCK;

/** A week of a block, and a session of a week, from 0. */
export const place = {
  week: z
    .int()
    .min(0)
    .max(weeks.most - 1),
  day: z
    .int()
    .min(0)
    .max(days.most - 1),
};

export const blockDay = same<BlockDay>()(z.object({ blockId: uuid, ...place }));

export const wayBack = same<WayBack>()(
  z.object({
    place: z.enum(flagPlaces),
    side: side.optional(),
    step: z.int().min(0).max(WAY_BACK.length),
    whole: z.int().min(1).max(3600).optional(),
    since: instant.optional(),
    held: z.literal(true).optional(),
    fullFrom: day.optional(),
  }),
);

export const ask = same<Ask>()(
  z.object({
    sets: z.int().min(1, 'At least one set').max(12, 'At most 12 sets'),
    reps: repCount.min(1, 'At least one rep'),
    targetRir: z.int().min(0).max(4),
    share: z.number().min(0.5).max(1).optional(),
  }),
);

export const blockLift = same<BlockLift>()(
  z.object({
    liftId: slug,
    scheme: z.enum(schemeNames),
    weeks: z
      .array(z.array(ask.nullable()).min(days.least).max(days.most))
      .min(weeks.least)
      .max(weeks.most),
  }),
);

const shape = {
  name: line(60),
  from: day,
  weeks: z.int().min(weeks.least).max(weeks.most),
  days: z.int().min(days.least).max(days.most),
  lifts: z.array(blockLift).max(lifts),
  follows: z
    .object({ blockId: uuid, change: z.enum(blockChanges).optional(), changed: line(120) })
    .optional(),
};

/** Every lift has all weeks, and every week all its sessions. */
const isWhole = (plan: BlockPlan) =>
  plan.lifts.every(
    (lift) =>
      lift.weeks.length === plan.weeks && lift.weeks.every((week) => week.length === plan.days),
  );

export const blockPlan = same<BlockPlan>()(
  z.object(shape).refine(isWhole, {
    path: ['lifts'],
    message: 'A lift has more or fewer weeks or sessions than the block',
  }),
);

export const blockShape = shape;
