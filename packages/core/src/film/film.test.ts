import fc from 'fast-check';
import { snapped } from './circle';
import type { Frame, Spot } from './frame';
import { hipsFirst, stickAngles } from './points';
import { repsOf, type RepNumbers, type Way } from './reps';
import { signsOf } from './signs';
import { makeTracker } from './track';
import { pathOf, scaleBy, type PathPoint } from './path';
import { pathPoints, storedPath } from '../session/film';

/** A path of reps: from the top down and up again (or the other way), each with its pause, at so many pictures a second. */
function pathWith(
  reps: readonly { travel: number; pauseS: number; drift?: number }[],
  way: Way = 'down first',
  rate = 60,
): PathPoint[] {
  const [top, out] = way === 'down first' ? [1500, -1] : [225, 1];
  const path: PathPoint[] = [];
  let t = 0;
  const hold = (seconds: number, y: number, x: number) => {
    for (const until = t + seconds; t < until; t += 1 / rate) path.push({ t, x, y });
  };
  const go = (seconds: number, from: number, to: number, driftFrom: number, driftTo: number) => {
    const began = t;
    for (; t < began + seconds; t += 1 / rate) {
      const share = (1 - Math.cos((Math.PI * (t - began)) / seconds)) / 2;
      path.push({
        t,
        x: driftFrom + (driftTo - driftFrom) * share,
        y: from + (to - from) * share,
      });
    }
  };
  hold(0.6, top, 0);
  for (const { travel, pauseS, drift = 0 } of reps) {
    go(1, top, top + out * travel, 0, drift);
    hold(pauseS, top + out * travel, drift);
    go(1, top + out * travel, top, drift, 0);
    hold(0.4, top, 0);
  }
  return path;
}

const travels = fc.array(
  fc.record({
    travel: fc.integer({ min: 420, max: 600 }),
    pauseS: fc.double({ min: 0.3, max: 2, noNaN: true }),
  }),
  { minLength: 1, maxLength: 8 },
);

describe('the reps of a path', () => {
  it('are counted, with how far each went and how long it stood, whichever way they go', () => {
    fc.assert(
      fc.property(travels, fc.constantFrom<Way>('down first', 'up first'), (reps, way) => {
        const found = repsOf(pathWith(reps, way), way);
        expect(found).toHaveLength(reps.length);
        found.forEach((rep, at) => {
          expect(Math.abs(rep.travel - reps[at]!.travel)).toBeLessThan(6);
          expect(Math.abs(rep.pauseS - reps[at]!.pauseS)).toBeLessThan(0.15);
          expect(rep.whole).toBe(true);
          expect(rep.begin).toBeLessThan(rep.turn);
          expect(rep.turn).toBeLessThan(rep.end);
        });
      }),
    );
  });

  it('do not count a walk out, a half rep broken off, or nothing at all', () => {
    const walk = pathWith([{ travel: 60, pauseS: 0.3 }]);
    const end = walk.at(-1)!.t + 0.1;
    const set = pathWith([{ travel: 500, pauseS: 0.1 }]).map((p) => ({ ...p, t: p.t + end }));
    expect(repsOf([...walk, ...set], 'down first')).toHaveLength(1);
    const cut = set.slice(0, Math.floor(set.length / 2));
    expect(repsOf([...walk, ...cut], 'down first')).toHaveLength(0);
    expect(repsOf(walk, 'down first')).toEqual([]);
    expect(repsOf([], 'down first')).toEqual([]);
  });

  it('say where a part was hidden', () => {
    const path = pathWith([
      { travel: 500, pauseS: 0.3 },
      { travel: 500, pauseS: 0.3 },
    ]).filter(({ t }) => t < 1.3 || t > 1.8);
    expect(repsOf(path, 'down first').map(({ whole }) => whole)).toEqual([false, true]);
  });
});

describe('what the numbers of reps say', () => {
  const reps = (...given: { travel: number; pauseS: number; drift?: number }[]): RepNumbers[] =>
    repsOf(pathWith(given), 'down first');
  const good = { travel: 500, pauseS: 0.6 };

  it('is nothing of reps that are alike', () => {
    expect(signsOf(reps(good, good, good), { pauseS: 0.5 })).toEqual([]);
  });

  it('is drift, a short pause, depth that shrinks and a first rep unlike the others, each of its rep', () => {
    const seen = (...given: { travel: number; pauseS: number; drift?: number }[]) =>
      signsOf(reps(...given), { pauseS: 0.5 }).map(({ sign, rep }) => [sign, rep]);
    expect(seen(good, { ...good, drift: 80 }, good)).toEqual([['forward at the bottom', 1]]);
    expect(seen(good, good, { ...good, pauseS: 0 })).toEqual([['short pause', 2]]);
    expect(seen(good, good, { ...good, travel: 420 })).toEqual([['depth shrinks', 2]]);
    expect(seen({ ...good, drift: -70 }, good, good)).toEqual([['unlike the first', 0]]);
  });

  it('asks for no pause where the style does not', () => {
    expect(signsOf(reps({ ...good, pauseS: 0 }), { pauseS: null })).toEqual([]);
  });
});

/** A picture with blobs at random, and one that is looked for at a place. */
function picture(at: Spot, seed = 1): Frame {
  const [width, height] = [240, 240];
  const pixels = new Uint8Array(width * height);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const wall = 120 + 25 * Math.sin(0.11 * x + seed) * Math.cos(0.07 * y) + 8 * Math.sin(x * y);
      const apart = Math.hypot(x - at.x, y - at.y);
      const ring = apart < 4 ? 220 : apart < 9 ? 60 : apart < 12 ? 180 : wall;
      pixels[y * width + x] = ring;
    }
  }
  return { width, height, pixels };
}

describe('following a tapped place', () => {
  it('finds it to a fraction of a pixel, and the same clip gives the same track', () => {
    const places = Array.from({ length: 30 }, (_each, i) => ({
      x: 120 + 2 * Math.sin(i / 5),
      y: 60 + 4 * i - 0.02 * i * i,
    }));
    const run = () => {
      const tracker = makeTracker({ t: 0, frame: picture(places[0]!) }, places[0]!, 12)!;
      places.slice(1).forEach((at, i) => tracker.follow({ t: (i + 1) / 30, frame: picture(at) }));
      return tracker.track;
    };
    const track = run();
    expect(track.lostAt).toBeNull();
    expect(track.points).toHaveLength(places.length);
    track.points.forEach(({ seen }, i) => {
      expect(Math.hypot(seen.x - places[i]!.x, seen.y - places[i]!.y)).toBeLessThan(0.7);
    });
    expect(run()).toEqual(track);
  });

  it('says that it is lost where it is gone, and follows nothing else', () => {
    const tracker = makeTracker(
      { t: 0, frame: picture({ x: 120, y: 100 }) },
      { x: 120, y: 100 },
      12,
    )!;
    const away = picture({ x: -90, y: -90 });
    for (let i = 1; i < 60; i += 1) tracker.follow({ t: i / 30, frame: away });
    expect(tracker.track.lostAt).toBe(0);
    expect(tracker.follow({ t: 3, frame: away })).toBe(false);
  });

  it('has nothing to follow on a bare wall', () => {
    const bare = { width: 100, height: 100, pixels: new Uint8Array(10_000).fill(120) };
    expect(makeTracker({ t: 0, frame: bare }, { x: 50, y: 50 }, 10)).toBeNull();
  });
});

describe('a plate that is drawn by a finger', () => {
  it('snaps to its rim', () => {
    const [width, height] = [200, 200];
    const pixels = new Uint8Array(width * height).fill(190);
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1)
        if (Math.hypot(x - 98, y - 103) < 60) pixels[y * width + x] = 50;
    const circle = snapped({ width, height, pixels }, { x: 102, y: 99, radius: 56 });
    expect(Math.abs(circle.radius - 60)).toBeLessThan(1.1);
    expect(Math.hypot(circle.x - 98, circle.y - 103)).toBeLessThan(1.5);
    expect(scaleBy(450, circle.radius)).toBeCloseTo(3.75, 0);
  });
});

describe('a path in the room', () => {
  it('is forward of the plumb line whichever way the lifter faces, and up from the floor', () => {
    const points = [{ t: 0, at: { x: 110, y: 300 }, seen: { x: 110, y: 300 }, score: 1 }];
    const view = { mmPerPixel: 4, plumbX: 100, floorY: 400 };
    expect(pathOf({ points }, { ...view, facing: 'right' })).toEqual([{ t: 0, x: 40, y: 400 }]);
    expect(pathOf({ points }, { ...view, facing: 'left' })).toEqual([{ t: 0, x: -40, y: 400 }]);
  });

  it('is stored in whole numbers, never longer than a log takes, and comes back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9000 }), (count) => {
        const path = Array.from({ length: count }, (_each, i) => ({
          t: i / 50,
          x: i % 90,
          y: i % 700,
        }));
        const stored = storedPath(path);
        expect(stored.t.length).toBeLessThanOrEqual(3000);
        const back = pathPoints(stored);
        expect(back[0]).toEqual(path[0]);
        if (count <= 3000)
          expect(back).toEqual(path.map((p) => ({ ...p, t: Math.round(p.t * 1000) / 1000 })));
      }),
      { numRuns: 30 },
    );
  });
});

describe('points set by hand', () => {
  const stick = {
    ankle: { x: 100, y: 400 },
    knee: { x: 130, y: 300 },
    hip: { x: 40, y: 290 },
    shoulder: { x: 90, y: 150 },
  };
  it('give the angles of knee, hip and trunk, and none where a joint is missing', () => {
    const { knee, hip, trunk } = stickAngles(stick);
    expect(knee).toBeGreaterThan(60);
    expect(hip).toBeGreaterThan(30);
    expect(trunk).toBeCloseTo(19.7, 1);
    expect(stickAngles({ hip: stick.hip })).toEqual({ knee: null, hip: null, trunk: null });
  });

  it('say that hips rise before shoulders where the trunk goes flatter on the way up', () => {
    const after = { ...stick, hip: { x: 20, y: 240 }, shoulder: { x: 120, y: 140 } };
    expect(hipsFirst(stick, after)).toBeGreaterThan(8);
    expect(
      hipsFirst(stick, { ...stick, hip: { x: 40, y: 250 }, shoulder: { x: 90, y: 110 } }),
    ).toBeNull();
    expect(hipsFirst({}, after)).toBeNull();
  });
});
