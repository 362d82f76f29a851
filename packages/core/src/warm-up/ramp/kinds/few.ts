import { primerOf, type IdealStep, type RampTarget } from '../step';

/** One easy set at about half: what a beginner or many reps need. About half is 40 to 60 %. */
export function rehearsal({ workingG }: RampTarget): IdealStep[] {
  return [
    {
      role: 'light',
      loadG: workingG / 2,
      between: [workingG * 0.4, workingG * 0.6],
      reps: 8,
      purpose: 'groove',
    },
  ];
}

/** One light set and one medium. */
export function short({ workingG, lightG }: RampTarget): IdealStep[] {
  return [
    { role: 'light', loadG: lightG, reps: 8, purpose: 'groove' },
    { role: 'between', loadG: workingG * 0.75, reps: 5, purpose: 'feel' },
  ];
}

/** One set halfway from the light to the working load, and the primer. */
export function warmAlready(target: RampTarget): IdealStep[] {
  const { workingG, lightG } = target;
  return [
    { role: 'between', loadG: (lightG + workingG) / 2, reps: 5, purpose: 'own' },
    ...primerOf(target),
  ];
}
