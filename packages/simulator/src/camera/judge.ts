import {
  makeTracker,
  pathOf,
  repsOf,
  scaleBy,
  snapped,
  type PathPoint,
  type Track,
} from '@spalo/core/film';
import { seededRandom } from '../random';
import { makeFilm, type Film } from './film';
import { filmScene, GAP_S, LEAD_S, lengthOf, type FilmFamily, type FilmScene } from './scene';

/** How well a clip was followed. */
export interface FilmVerdict {
  family: FilmFamily;
  seed: number;
  /** Distance of each followed moment from where the bar was, mm, smallest first. */
  errors: number[];
  /** The clip says that it lost the bar, or that it was hidden. */
  saidLost: boolean;
  saidHidden: boolean;
  /** Moments that are off by more than a plate's hub and were not said to be. */
  wrong: number;
  repsTrue: number;
  repsFound: number;
  /** Of each rep: how much pause (s) and depth (mm) are off. */
  pauseErrors: number[];
  depthErrors: number[];
  clipS: number;
  tookMs: number;
}

/** Farther off than this, another thing is followed, mm. */
const WRONG_MM = 60;

/** The clip as a trainer marks it: a finger puts the tap and the plate's edge near, not on, where they are. */
function marked(film: Film) {
  const random = seededRandom(film.scene.seed + 77);
  const first = film.frame(0);
  const { plate } = film;
  const drawn = {
    x: plate.x + 3 * random.normal(),
    y: plate.y + 3 * random.normal(),
    radius: plate.radius * (1 + 0.05 * random.normal()),
  };
  const circle = snapped(first, drawn);
  const radius = Math.round(Math.min(16, Math.max(6, 0.35 * circle.radius)));
  return { first, circle, radius };
}

/** Follows a clip of a family as the film bench does. */
export function followed(film: Film): { track: Track | null; path: PathPoint[] } {
  const { first, circle, radius } = marked(film);
  const tracker = makeTracker({ t: 0, frame: first }, circle, radius);
  if (!tracker) return { track: null, path: [] };
  for (let picture = 1; picture < film.count; picture += 1) {
    if (!tracker.follow({ t: film.timeOf(picture), frame: film.frame(picture) })) break;
  }
  const view = { ...film.view, mmPerPixel: scaleBy(film.scene.plateMm, circle.radius) };
  return { track: tracker.track, path: pathOf(tracker.track, view) };
}

/** Distances of a path from the known one, both from where they begin, mm. */
function errorsOf(film: Film, path: readonly PathPoint[]): number[] {
  const start = path[0]!;
  const known = film.truth(0).bar;
  return path.map(({ t, x, y }) => {
    const { bar } = film.truth(Math.round(t * film.scene.rate));
    return Math.hypot(x - start.x - (bar.x - known.x), y - start.y - (bar.y - known.y));
  });
}

/**
 * Makes a clip of a family, follows it and says how well that went. `clock` tells milliseconds; `change` makes another scene of
 * it, such as a smaller one.
 */
export function judgeFilm(
  family: FilmFamily,
  seed: number,
  clock: () => number,
  change: Partial<FilmScene> = {},
): FilmVerdict {
  const film = makeFilm({ ...filmScene(family, seed), ...change });
  const { scene } = film;
  // The pictures are drawn before the clock runs: only the following is timed.
  const frames = Array.from({ length: film.count }, (_each, picture) => film.frame(picture));
  const ready: Film = { ...film, frame: (picture) => frames[picture]! };
  const began = clock();
  const { track, path } = followed(ready);
  const tookMs = clock() - began;
  const errors = errorsOf(film, path);
  const way = scene.lift === 'pull' || scene.lift === 'press' ? 'up first' : 'down first';
  const found = repsOf(path, way);
  const before = scene.leavesAt ?? Infinity;
  const repsTrue = repEnds(scene).filter((end) => end <= before).length;
  // The same rule on the path that is known: what differs is the following's fault.
  const known = repsOf(
    frames.map((_frame, picture) => ({ t: film.timeOf(picture), ...film.truth(picture).bar })),
    way,
  );
  // What was partly hidden says so and is not judged by its numbers.
  const pairs =
    found.length === known.length
      ? found.map((rep, at) => [rep, known[at]!] as const).filter(([rep]) => rep.whole)
      : [];
  return {
    family,
    seed,
    errors: [...errors].sort((a, b) => a - b),
    saidLost: track === null || track.lostAt !== null,
    saidHidden: (track?.hidden.length ?? 0) > 0,
    wrong: errors.filter((error) => error > WRONG_MM).length,
    repsTrue,
    repsFound: found.length,
    pauseErrors: pairs.map(([rep, own]) => rep.pauseS - own.pauseS),
    depthErrors: pairs.map(([rep, own]) => rep.travel - own.travel),
    clipS: lengthOf(scene),
    tookMs,
  };
}

/** When each rep of a scene has come back so far that it is one, seconds. */
function repEnds({ reps, lift }: FilmScene): number[] {
  let t = LEAD_S;
  return reps.map(({ downS, pauseS, upS }) => {
    t += downS + pauseS + upS + GAP_S;
    return t - GAP_S - 0.4 * (lift === 'pull' || lift === 'press' ? downS : upS);
  });
}
