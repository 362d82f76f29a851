import type { Facing } from '@spalo/core/film';
import { seededRandom, type Random } from '../random';

/** The kinds of film that the stand-in camera makes; each is hard in its own way. */
export const filmFamilies = [
  'plain',
  'noise',
  'shake',
  'light',
  'people',
  'dark plate',
  'small plate',
  'like plates',
  'quick',
  'hidden',
  'leaves',
] as const;
export type FilmFamily = (typeof filmFamilies)[number];

export const filmedLifts = ['squat', 'front squat', 'pull', 'press'] as const;
export type FilmedLift = (typeof filmedLifts)[number];

/** A rep as it is to be done. */
export interface FilmedRep {
  downS: number;
  pauseS: number;
  upS: number;
  /** Forward of the plumb line at the bottom, mm. */
  drift: number;
  /** Share of the way that it goes, 0 to 1. */
  depth: number;
}

/** Everything that makes a clip: the same scene makes the same pictures. */
export interface FilmScene {
  seed: number;
  lift: FilmedLift;
  heightMm: number;
  reps: FilmedRep[];
  facing: Facing;
  width: number;
  height: number;
  /** Pictures a second. */
  rate: number;
  /** From the lens to the lifter, mm. */
  distance: number;
  plateMm: number;
  /** Grey of the plate and of the wall. */
  plate: number;
  wall: number;
  /** Standard deviation of each pixel's grey. */
  noise: number;
  /** Pixels that a hand-held camera wanders, and degrees that it turns. */
  shake: number;
  roll: number;
  /** How much the light changes over the clip, as a share. */
  light: number;
  /** People walking behind. */
  walkers: number;
  /** Plates like the lifter's own on the wall behind. */
  likePlates: boolean;
  /** Somebody walks between camera and lifter at this second; null: nobody. */
  hiddenAt: number | null;
  /** From this second on the lifter is out of the picture; null: never. */
  leavesAt: number | null;
}

const LEAD_S = 0.6;

/** How long a scene takes, seconds. */
export const lengthOf = ({ reps }: Pick<FilmScene, 'reps'>): number =>
  reps.reduce((sum, { downS, pauseS, upS }) => sum + downS + pauseS + upS + GAP_S, 2 * LEAD_S);

/** Between two reps, and before the first and after the last, seconds. */
export const GAP_S = 0.45;
export { LEAD_S };

function repsFor(random: Random, quick: boolean): FilmedRep[] {
  const count = random.between(2, 5);
  const paused = random.unit() < 0.35;
  return Array.from({ length: count }, (_each, at) => ({
    downS: quick ? 0.45 + 0.2 * random.unit() : 0.8 + random.unit(),
    pauseS: paused ? 0.4 + 0.6 * random.unit() : 0.05 * random.unit(),
    upS: quick ? 0.4 + 0.2 * random.unit() : 0.7 + 0.25 * at + 0.5 * random.unit(),
    drift: random.unit() < 0.3 ? 60 + 40 * random.unit() : 25 * random.normal(),
    depth: random.unit() < 0.15 ? 0.8 : 1 - 0.04 * random.unit(),
  }));
}

const rates = [24, 30, 30, 60] as const;
const lifts = filmedLifts;

/** A scene of a family that its seed fixes. */
export function filmScene(family: FilmFamily, seed: number): FilmScene {
  const random = seededRandom(seed * 7919 + filmFamilies.indexOf(family));
  const is = (...those: FilmFamily[]) => those.includes(family);
  const upright = random.unit() < 0.7;
  const reps = repsFor(random, is('quick'));
  const scene: FilmScene = {
    seed,
    lift: lifts[random.between(0, lifts.length - 1)]!,
    heightMm: random.between(1550, 1950),
    reps,
    facing: random.unit() < 0.5 ? 'right' : 'left',
    width: upright ? 360 : 640,
    height: upright ? 640 : 360,
    rate: rates[random.between(0, rates.length - 1)]!,
    distance: upright ? 2000 + 600 * random.unit() : 3200 + 800 * random.unit(),
    plateMm: 450,
    plate: random.between(35, 80),
    wall: random.between(130, 200),
    noise: is('noise') ? 10 + 6 * random.unit() : 3,
    shake: is('shake') ? 3 + 3 * random.unit() : 0.5,
    roll: is('shake') ? 0.5 : 0.05,
    light: is('light') ? 0.4 : 0.04,
    walkers: is('people') ? 3 : 0,
    likePlates: is('like plates'),
    hiddenAt: null,
    leavesAt: null,
  };
  // A press goes higher: it is filmed from farther away.
  if (scene.lift === 'press') scene.distance *= 1.25;
  if (is('dark plate')) Object.assign(scene, { plate: 40, wall: 75 });
  if (is('small plate')) scene.plateMm = random.unit() < 0.5 ? 230 : 330;
  const middle = lengthOf(scene) * (0.3 + 0.4 * random.unit());
  if (is('hidden')) scene.hiddenAt = middle;
  if (is('leaves')) scene.leavesAt = middle;
  return scene;
}
