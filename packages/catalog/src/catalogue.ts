import { mainFault, type FaultFacts, type MainFaultOf, type ProgrammeLift } from '@spalo/core';
import { lowerBody } from './facts/lower-body';
import { upperBody } from './facts/upper-body';
import { backSquat } from './lifts/back-squat';
import { dumbbellBenchPress } from './lifts/dumbbell-bench-press';
import { inShort } from './lifts/in-short';
import { oneArmRow } from './lifts/one-arm-row';
import { romanianDeadlift } from './lifts/romanian-deadlift';
import { sharedLesson } from './lifts/shared-lesson';
import type { CatalogueLift, Cue, Fault, Lesson, Style } from './schema';

const lessons: Record<string, Lesson> = Object.fromEntries(
  [backSquat, dumbbellBenchPress, oneArmRow, romanianDeadlift].map((lesson) => [
    lesson.liftId,
    lesson,
  ]),
);

/** Every loaded lift, by pattern. */
export const lifts: readonly CatalogueLift[] = [...lowerBody, ...upperBody].map((lift) => ({
  ...lift,
  lesson: lessons[lift.id] ?? sharedLesson(lift, inShort[lift.id]!),
}));

const byId = new Map(lifts.map((lift) => [lift.id, lift]));

export function findLift(liftId: string): CatalogueLift | undefined {
  return byId.get(liftId);
}

/** The lift with this id; throws RangeError for one that the catalogue does not hold. */
export function liftById(liftId: string): CatalogueLift {
  const lift = findLift(liftId);
  if (!lift) throw new RangeError(`No lift ${liftId} in the catalogue`);
  return lift;
}

/** The style of a lift; its default (first) style for an id that the catalogue no longer holds. */
export function styleOf(liftId: string, styleId: string): Style {
  const { styles } = liftById(liftId).lesson;
  return styles.find((style) => style.id === styleId) ?? styles[0]!;
}

export function cueOf(style: Style, cueId: string | null): Cue | undefined {
  return style.cues.find((cue) => cue.id === cueId);
}

export function faultOf(style: Style, faultId: string): Fault | undefined {
  return style.faults.find((fault) => fault.id === faultId);
}

/** The cues that a fault's causes name, in order, each once. */
export function cuesForFault(fault: Fault): string[] {
  const ids = fault.causes.flatMap((cause) =>
    cause.remedies.flatMap((remedy) => (remedy.kind === 'cue' ? [remedy.cueId] : [])),
  );
  return [...new Set(ids)];
}

/** The faults of a style as decisions need them. */
export function faultFacts(style: Style): FaultFacts[] {
  return style.faults.map((fault) => ({
    id: fault.id,
    name: fault.name,
    weight: fault.weight,
    cueIds: cuesForFault(fault),
  }));
}

export function safetyFaults(style: Style): string[] {
  return style.faults.filter((fault) => fault.weight === 'safety').map((fault) => fault.id);
}

/** The nearest easier lift on the teaching ladder, in words; null at its foot. */
export function regressionOf(liftId: string): string | null {
  const easier = liftById(liftId).lesson.ladder.filter((rung) => rung.place === 'easier');
  return easier.at(-1)?.name.toLowerCase() ?? null;
}

/** The main fault of a lift's sets, for the history kept with a client. */
export const mainFaultIn: MainFaultOf = (plan, sets) =>
  findLift(plan.liftId)
    ? (mainFault(sets, faultFacts(styleOf(plan.liftId, plan.styleId)))?.id ?? null)
    : null;

/** A lift as a programme takes it: in its default style, with that style's first cue. */
export function programmeLift(liftId: string): ProgrammeLift {
  const lift = liftById(liftId);
  const style = lift.lesson.styles[0]!;
  return { lift, styleId: style.id, firstCueId: style.cues[0]!.id };
}
