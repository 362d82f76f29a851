import fc from 'fast-check';
import { bodyFromHeight, bodyWith, measured, type BodyLengths } from './body';
import { mainCause, withDoubt } from './doubt';
import { pullStart, type PullSetUp } from './pull';
import { lengthsFromStill, type StillSpots } from './still';
import { squatBottom, type SquatSetUp, type SquatStyle } from './squat';

const squat: SquatSetUp = {
  style: 'high bar',
  shankLean: 30,
  depth: 5,
  opened: 25,
  heels: 0,
  loadG: 60_000,
  bodyG: 75_000,
};
const pull: PullSetUp = { style: 'conventional', barHeight: 225, opened: 0 };

const heights = fc.integer({ min: 1500, max: 2000 });
const longer = (body: BodyLengths, part: keyof BodyLengths, by: number): BodyLengths => ({
  ...body,
  [part]: { ...body[part], mm: body[part].mm * by },
});
const leanOf = (body: BodyLengths, change: Partial<SquatSetUp> = {}) =>
  squatBottom(body, { ...squat, ...change })!.lean;

describe('the bottom of a squat', () => {
  it('stands over the middle of the foot: a heavy bar nearly by itself', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const { bar } = squatBottom(bodyFromHeight(height), { ...squat, loadG: 75_000_000 })!;
        expect(Math.abs(bar.x)).toBeLessThan(3);
      }),
    );
  });

  it('leans more with longer thighs, less with a freer ankle, heels raised or a wider stance', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const body = bodyFromHeight(height);
        expect(leanOf(longer(body, 'thigh', 1.06))).toBeGreaterThan(leanOf(body));
        expect(leanOf(body, { shankLean: 36 })).toBeLessThan(leanOf(body));
        expect(leanOf(body, { heels: 20 })).toBeLessThan(leanOf(body));
        expect(leanOf(body, { opened: 40 })).toBeLessThan(leanOf(body));
      }),
    );
  });

  it('leans less with the bar in front than high, and less high than low', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const body = bodyFromHeight(height);
        const of = (style: SquatStyle) => leanOf(body, { style });
        expect(of('front')).toBeLessThan(of('high bar'));
        expect(of('high bar')).toBeLessThan(of('low bar'));
      }),
    );
  });

  it('asks for more lean of an empty bar in front than of a heavy one', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const body = bodyFromHeight(height);
        const light = leanOf(body, { style: 'front', loadG: 20_000 });
        expect(light).toBeGreaterThan(leanOf(body, { style: 'front', loadG: 100_000 }));
      }),
    );
  });

  it('says where no lean does it', () => {
    const stiff = longer(longer(bodyFromHeight(1800), 'thigh', 1.6), 'trunk', 0.6);
    expect(squatBottom(stiff, { ...squat, shankLean: 5, opened: 0 })).toBeNull();
  });
});

describe('the start of a pull', () => {
  it('has higher hips with longer thighs, a lower trunk on a lower bar, and a steeper one where the knees open', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const body = bodyFromHeight(height);
        const start = pullStart(body, pull)!;
        const long = pullStart(longer(body, 'thigh', 1.05), pull)!;
        expect(long.hip.y).toBeGreaterThan(start.hip.y);
        expect(pullStart(body, { ...pull, barHeight: 180 })!.trunk).toBeLessThan(start.trunk);
        const wide = pullStart(body, { ...pull, style: 'wide', opened: 35 })!;
        expect(wide.trunk).toBeGreaterThan(start.trunk);
      }),
    );
  });

  it('keeps every length, and every joint above the floor', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const body = bodyFromHeight(height);
        const { ankle, knee, hip, shoulder, bar } = pullStart(body, pull)!;
        const apart = (a: typeof hip, b: typeof hip) => Math.hypot(a.x - b.x, a.y - b.y);
        expect(apart(ankle, knee)).toBeCloseTo(body.shank.mm, 6);
        expect(apart(knee, hip)).toBeCloseTo(body.thigh.mm, 6);
        expect(apart(hip, shoulder)).toBeCloseTo(body.trunk.mm, 6);
        expect(apart(shoulder, bar)).toBeCloseTo(body.arm.mm, 6);
        for (const { y } of [ankle, knee, hip, shoulder, bar]) expect(y).toBeGreaterThan(0);
        expect(hip.x).toBeLessThan(shoulder.x);
      }),
    );
  });

  it('says where thigh and trunk do not meet', () => {
    const body = longer(bodyFromHeight(1800), 'trunk', 0.35);
    expect(pullStart(body, { ...pull, barHeight: 600 })).toBeNull();
  });
});

describe('doubt about a body', () => {
  it('is carried to the answer, and is less where it was measured', () => {
    const guessed = bodyFromHeight(1750);
    const taped = bodyWith(1750, {
      thigh: measured(guessed.thigh.mm, 'tape'),
      shank: measured(guessed.shank.mm, 'tape'),
      trunk: measured(guessed.trunk.mm, 'tape'),
    });
    const lean = (body: BodyLengths) => squatBottom(body, squat)?.lean ?? null;
    const [wide, narrow] = [withDoubt(guessed, lean)!, withDoubt(taped, lean)!];
    expect(wide.mean).toBeCloseTo(narrow.mean, 9);
    expect(narrow.sd).toBeLessThan(wide.sd);
    expect(wide.sd).toBeGreaterThan(0.5);
  });
});

describe('why a body differs from another', () => {
  it('names the length that makes most of it', () => {
    const usual = bodyFromHeight(1750);
    const lean = (body: BodyLengths) => squatBottom(body, squat)?.lean ?? null;
    const long = longer(longer(usual, 'thigh', 1.08), 'arm', 1.1);
    expect(mainCause(long, usual, lean)).toMatchObject({ part: 'thigh' });
    expect(mainCause(long, usual, lean)!.difference).toBeGreaterThan(0);
    expect(mainCause(usual, usual, lean)).toBeNull();
    const trunk = longer(usual, 'trunk', 1.08);
    expect(mainCause(trunk, usual, lean)).toMatchObject({ part: 'trunk' });
    expect(mainCause(trunk, usual, lean)!.difference).toBeLessThan(0);
  });
});

describe('lengths from a picture', () => {
  /** A body of this height standing in the middle of a picture twice as high as wide. */
  const spotsOf = (heightMm: number): StillSpots => {
    const { thigh, shank, trunk, arm, ankle } = bodyFromHeight(heightMm);
    const tall = 2400;
    const at = (mm: number, x = 0.5) => ({ x, y: 0.9 - mm / tall });
    const knee = ankle.mm + shank.mm;
    const hip = knee + thigh.mm;
    const shoulder = hip + trunk.mm;
    return {
      crown: at(heightMm),
      shoulder: at(shoulder),
      hip: at(hip),
      knee: at(knee),
      ankle: at(ankle.mm),
      fist: at(shoulder - arm.mm),
      floor: at(0),
    };
  };

  it('are those of the body, by its height', () => {
    fc.assert(
      fc.property(heights, (height) => {
        const body = bodyFromHeight(height);
        const found = lengthsFromStill(spotsOf(height), 0.5, height)!;
        expect(Math.abs(found.thighMm - body.thigh.mm)).toBeLessThanOrEqual(1);
        expect(Math.abs(found.shinMm - body.shank.mm)).toBeLessThanOrEqual(1);
        expect(Math.abs(found.trunkMm - body.trunk.mm)).toBeLessThanOrEqual(1);
        expect(Math.abs(found.armMm - body.arm.mm)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('are none where the points are no standing body', () => {
    const spots = spotsOf(1750);
    expect(lengthsFromStill({ ...spots, knee: spots.shoulder }, 0.5, 1750)).toBeNull();
    expect(lengthsFromStill({ ...spots, floor: spots.crown }, 0.5, 1750)).toBeNull();
  });
});
