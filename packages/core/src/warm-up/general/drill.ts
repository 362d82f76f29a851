import type { Joint } from '../../lift/joints';
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
  /** Patterns that it prepares or rehearses; empty means all. */
  patterns: readonly Pattern[];
  /** Joints that it loads: an open pain flag there excludes it. */
  loads: readonly Joint[];
  /** Cautions that it must not be used with. */
  notWith: readonly Caution[];
  /** How hips are woken: on one leg, or with a band; null for the rest. */
  way: 'one leg' | 'band' | null;
}

/** How a drill of today's general part stands. */
export const drillStates = ['open', 'done', 'skipped'] as const;
export type DrillState = (typeof drillStates)[number];
