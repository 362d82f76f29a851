import type { Grams } from '../mass';
import type { RampKind } from './ramp-kind';

/** A warm-up set before equipment is considered. */
export interface IdealStep {
  loadG: Grams;
  reps: number;
  purpose: string;
}

/** What the ideals depend on. `emptyG` is the bar without plates, or the lightest dumbbell. */
export interface RampTarget {
  workingG: Grams;
  workingReps: number;
  emptyG: Grams;
  /** A light load that the trainer fixed; otherwise found by rule. */
  lightG?: Grams;
  /** Primer as a share of the working load: 1, or up to 1.1 for those who like it over. */
  primerShare?: number;
}

/** Upper ends of the span from light to working load, in grams, for one, two, three and four intermediates. */
const SPANS_G = [25_000, 90_000, 180_000, 270_000];
const INTERMEDIATE_REPS = [[5], [6, 4], [8, 6, 4], [8, 6, 5, 4], [8, 6, 5, 4, 3]];

const GROOVE = 'find the groove';
const OWN = 'own the way down';
const FEEL = 'feel the load';
const PRIME = 'as the working set';

/** The empty implement where that is a fifth to a half of the working load, else about a third. */
export function lightLoad({ workingG, emptyG, lightG }: RampTarget): Grams {
  if (lightG !== undefined) return lightG;
  return emptyG >= workingG / 5 && emptyG <= workingG / 2 ? emptyG : workingG / 3;
}

function build(target: RampTarget): IdealStep[] {
  const light = lightLoad(target);
  const primer = target.workingG * (target.primerShare ?? 1);
  const found = SPANS_G.findIndex((span) => target.workingG - light <= span);
  const reps = INTERMEDIATE_REPS[found < 0 ? SPANS_G.length : found] ?? [];
  const gap = (primer - light) / (reps.length + 1);
  return [
    { loadG: light, reps: 10, purpose: GROOVE },
    ...reps.map((count, index) => ({
      loadG: light + gap * (index + 1),
      reps: count,
      purpose: index === reps.length - 1 ? FEEL : OWN,
    })),
    { loadG: primer, reps: 3, purpose: PRIME },
  ];
}

function heavy({ workingG, workingReps, emptyG }: RampTarget): IdealStep[] {
  const first = emptyG > workingG / 2 ? emptyG : Math.max(emptyG, workingG * 0.45);
  return [
    { loadG: first, reps: 10, purpose: GROOVE },
    ...(workingReps <= 5 ? [{ loadG: workingG * 0.625, reps: 5, purpose: OWN }] : []),
    { loadG: workingG * 0.775, reps: 4, purpose: OWN },
    { loadG: workingG * 0.9, reps: 2, purpose: FEEL },
  ];
}

/** The ideal warm-up sets of a ramp, lightest first, before they are snapped to what exists. */
export function rampIdeals(kind: RampKind, target: RampTarget): IdealStep[] {
  const { workingG } = target;
  switch (kind) {
    case 'rehearsal':
      return [{ loadG: workingG / 2, reps: 8, purpose: GROOVE }];
    case 'short':
      return [
        { loadG: lightLoad(target), reps: 8, purpose: GROOVE },
        { loadG: workingG * 0.75, reps: 5, purpose: FEEL },
      ];
    case 'build':
      return build(target);
    case 'heavy':
      return heavy(target);
    case 'warm already':
      return [
        { loadG: (lightLoad(target) + workingG) / 2, reps: 5, purpose: OWN },
        { loadG: workingG, reps: 3, purpose: PRIME },
      ];
  }
}
