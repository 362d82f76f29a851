import { joints, type Joint, type Lift, type Pattern, type StressKind } from '@spalo/core/lift';

/** What most lifts of a pattern share; a lift's own line says only where it differs. */
const byPattern: Record<
  Pattern,
  Pick<Lift, 'region' | 'restClass' | 'repConstant' | 'peak' | 'position'>
> = {
  squat: {
    region: 'lower',
    restClass: 'squat',
    repConstant: 38,
    peak: 'stretched',
    position: 'standing',
  },
  lunge: {
    region: 'lower',
    restClass: 'squat',
    repConstant: 38,
    peak: 'stretched',
    position: 'standing',
  },
  hinge: {
    region: 'lower',
    restClass: 'squat',
    repConstant: 35,
    peak: 'stretched',
    position: 'standing',
  },
  hip: {
    region: 'lower',
    restClass: 'squat',
    repConstant: 39,
    peak: 'shortened',
    position: 'standing',
  },
  knee: {
    region: 'lower',
    restClass: 'small',
    repConstant: 38,
    peak: 'shortened',
    position: 'seated',
  },
  calf: {
    region: 'lower',
    restClass: 'small',
    repConstant: 44,
    peak: 'middle',
    position: 'standing',
  },
  push: {
    region: 'upper',
    restClass: 'press',
    repConstant: 32,
    peak: 'stretched',
    position: 'on the back',
  },
  press: {
    region: 'upper',
    restClass: 'press',
    repConstant: 31,
    peak: 'middle',
    position: 'standing',
  },
  row: {
    region: 'upper',
    restClass: 'press',
    repConstant: 33,
    peak: 'shortened',
    position: 'standing',
  },
  pull: {
    region: 'upper',
    restClass: 'press',
    repConstant: 33,
    peak: 'middle',
    position: 'seated',
  },
  shoulder: {
    region: 'upper',
    restClass: 'small',
    repConstant: 34,
    peak: 'middle',
    position: 'standing',
  },
  arm: {
    region: 'upper',
    restClass: 'small',
    repConstant: 33,
    peak: 'middle',
    position: 'standing',
  },
  trunk: {
    region: 'upper',
    restClass: 'small',
    repConstant: 34,
    peak: 'middle',
    position: 'on the front',
  },
  carry: {
    region: 'lower',
    restClass: 'press',
    repConstant: 34,
    peak: 'middle',
    position: 'standing',
  },
};

const stepOf: Record<Lift['implement'], number> = {
  barbell: 2500,
  'trap bar': 5000,
  'EZ bar': 2500,
  'dumbbell pair': 2000,
  'single dumbbell': 2000,
  kettlebell: 4000,
  stack: 5000,
  machine: 5000,
  assisted: 5000,
  body: 2500,
};

export type Muscles = Lift['muscles'];

type Own = Pick<Lift, 'id' | 'name' | 'pattern' | 'implement' | 'priorRatio' | 'muscles'> & {
  stress: Partial<Record<Joint, { how: string; kinds: StressKind[] }>>;
};

/** What is held in the hand, whatever it is used for; of what is on the back or under the palm the hand bears little. */
const HELD: readonly Lift['implement'][] = [
  'trap bar',
  'EZ bar',
  'dumbbell pair',
  'single dumbbell',
  'kettlebell',
];
/** Patterns that hang on the hands, with whatever implement has a handle. */
const HANGS: readonly Pattern[] = [
  'row',
  'pull',
  'hinge',
  'carry',
  'arm',
  'push',
  'press',
  'shoulder',
];
const HANDLED: readonly Lift['implement'][] = ['barbell', 'stack', 'assisted'];

/** Whether a lift needs a hand that grips. */
const needsGrip = ({ implement, pattern }: Pick<Lift, 'implement' | 'pattern'>): boolean =>
  HELD.includes(implement) ||
  (HANDLED.includes(implement) && HANGS.includes(pattern)) ||
  (implement === 'body' && (pattern === 'pull' || pattern === 'row'));

const grip = { how: 'holds it', kinds: ['grip'] as const };

/** A lift's facts from what it has of its own and what its pattern gives it. */
export function liftFacts(own: Own & Partial<Omit<Lift, keyof Own>>): Lift {
  const { stress, ...rest } = own;
  return {
    ...byPattern[own.pattern],
    stations: [],
    counted: 'reps',
    bodyShare: 0,
    stepG: stepOf[own.implement],
    repRange: { low: 10, high: 15 },
    longLever: false,
    fromFloor: false,
    ...rest,
    stress: joints.flatMap((joint) => {
      const load = stress[joint] ?? (joint === 'hand' && needsGrip(own) ? grip : undefined);
      return load ? [{ joint, ...load }] : [];
    }),
  };
}
