import type { Joint } from '../../lift/joints';
import { jointsIn, type Position } from '../../lift/position';
import type { Pattern } from '../../lift/patterns';
import type { Caution } from '../../person/caution';

/** The four jobs of the general part, in order. */
export const jobs = ['raise', 'mobilise', 'activate', 'rehearse'] as const;
export type Job = (typeof jobs)[number];

/** Ranges that lifts need and clients may lack: a joint and a direction. */
export const bodyRanges = [
  'ankle bend',
  'hip extension',
  'hip rotation',
  'hip abduction',
  'hamstrings',
  'upper back',
  'shoulder overhead',
  'shoulder back',
  'wrist',
] as const;
export type BodyRange = (typeof bodyRanges)[number];

/** A drill of the general part. */
export interface Drill {
  id: string;
  name: string;
  job: Job;
  /** How it is done, in one or two sentences. */
  how: string;
  /** What it is for. */
  forWhat: string;
  /** Seconds of one round, both sides included; a raise has one long round. */
  seconds: number;
  /** Rounds where there is time. */
  rounds: 1 | 2 | 3;
  /** Counted in reps rather than held; null for a hold or a steady effort. */
  reps: number | null;
  /** The range that it opens; null for other jobs. */
  range: BodyRange | null;
  /** Patterns that it prepares; empty means all. */
  patterns: readonly Pattern[];
  /** How the body is held, all of it: what lies on hands, elbows or flat, kneels, bends deep or reaches up. */
  positions: readonly Position[];
  /** Joints that the movement loads besides what its positions do. */
  loads: readonly Joint[];
  /** Lifts that it rehearses, as the lift itself without load or its own first rung; empty for other jobs. */
  liftIds: readonly string[];
  /** Cautions that it must not be used with. */
  notWith: readonly Caution[];
  /** How hips are woken: on one leg, or with a band; null for the rest. */
  way: 'one leg' | 'band' | null;
}

/** How a drill of today's general part stands. */
export const drillStates = ['open', 'done', 'skipped'] as const;
export type DrillState = (typeof drillStates)[number];

/** Every joint that a drill loads: an open pain flag on one excludes it. */
export const drillJoints = (drill: Pick<Drill, 'loads' | 'positions'>): Joint[] => [
  ...new Set([...drill.loads, ...jointsIn(drill.positions)]),
];
