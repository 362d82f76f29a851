/** Joints that lifts load and flags name. */
export const joints = [
  'ankle',
  'knee',
  'hip',
  'low back',
  'upper back',
  'neck',
  'shoulder',
  'elbow',
  'wrist',
  'hand',
] as const;
export type Joint = (typeof joints)[number];

/** Ways in which a lift loads a joint: what rules ask for. */
export type StressKind =
  | 'bend'
  | 'deep bend'
  | 'end range'
  | 'straightening'
  | 'pull'
  | 'grip'
  | 'press through'
  | 'bent back'
  | 'turned grip'
  | 'lean'
  | 'hinge'
  | 'arch'
  | 'stretch'
  | 'deep stretch'
  | 'overhead'
  | 'raised'
  | 'turned in'
  | 'reach back'
  | 'hanging'
  | 'bar on it'
  | 'held against';

/** A joint that a lift loads: in what ways, for the rules, and in words, for people. */
export interface Stress {
  joint: Joint;
  kinds: readonly StressKind[];
  how: string;
}

/** How a lift loads a joint; undefined where it does not. */
export const stressOn = (lift: { stress: readonly Stress[] }, joint: string): Stress | undefined =>
  lift.stress.find((each) => each.joint === joint);

/** Whether a lift loads a joint in one of these ways. */
export const stressesBy = (
  lift: { stress: readonly Stress[] },
  joint: Joint,
  kind: StressKind,
): boolean => stressOn(lift, joint)?.kinds.includes(kind) ?? false;

export const sides = ['left', 'right', 'both', 'none'] as const;
export type Side = (typeof sides)[number];
