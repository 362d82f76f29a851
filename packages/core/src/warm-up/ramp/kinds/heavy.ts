import { type IdealStep, type RampTarget } from '../step';

/** From so many reps on the climb has no set at 60 to 65 %. */
const LESS_STEEP_REPS = 6;
/** The light set of a heavy ramp lies at no more than this share, and may be lighter than its ideal by a tenth. */
const LIGHT_MOST = 0.5;
const LIGHT_LEEWAY = 0.1;

/** Eight to twelve reps at no more than half, (five at 60–65 %,) four at 75–80 %, two at 90 %. */
export function heavy({ workingG, workingReps, emptyG, lightG }: RampTarget): IdealStep[] {
  const share = (low: number, high: number): Pick<IdealStep, 'loadG' | 'between'> => ({
    loadG: (workingG * (low + high)) / 2,
    between: [workingG * low, workingG * high],
  });
  const least = lightG === emptyG ? emptyG : lightG - workingG * LIGHT_LEEWAY;
  const most = Math.max(emptyG, workingG * LIGHT_MOST);
  const light: IdealStep = {
    role: 'light',
    loadG: Math.min(most, Math.max(least, lightG)),
    between: [Math.min(least, most), most],
    reps: 10,
    purpose: 'groove',
  };
  const steep: IdealStep = { role: 'between', ...share(0.6, 0.65), reps: 5, purpose: 'own' };
  return [
    light,
    ...(workingReps < LESS_STEEP_REPS ? [steep] : []),
    { role: 'between', ...share(0.75, 0.8), reps: 4, purpose: 'own' },
    { role: 'between', loadG: workingG * 0.9, reps: 2, purpose: 'feel' },
  ];
}
