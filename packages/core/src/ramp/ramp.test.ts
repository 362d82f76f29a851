import fc from 'fast-check';
import { bar, kg, plate, room } from '../fixtures.test-help';
import { loadables } from '../loadable';
import { rampIdeals } from './ideals';
import { planRamp } from './plan-ramp';
import { chooseRamp, type RampKind } from './ramp-kind';

const barLoads = (mass: number) => loadables(room, { kind: 'barbell', barId: `bar-${mass}` });
const kinds: RampKind[] = ['rehearsal', 'short', 'build', 'heavy', 'warm already'];
const said = (kind: RampKind, working: number, reps: number, loads = barLoads(20)) =>
  planRamp(kind, { workingG: kg(working), workingReps: reps }, loads).map(
    (step) => `${step.load.loadG / 1000}x${step.reps}`,
  );

describe('which ramp', () => {
  it.each([
    [1, 8, false, 'rehearsal'],
    [30, 15, false, 'rehearsal'],
    [6, 8, false, 'short'],
    [12, 8, false, 'build'],
    [12, 5, false, 'heavy'],
    [24, 8, true, 'warm already'],
    [1, 8, true, 'rehearsal'],
  ] as const)('%d months, %d reps, warm %s: %s', (months, reps, warm, kind) => {
    expect(chooseRamp(months, reps, warm)).toBe(kind);
  });
});

describe('worked figures', () => {
  it('Build at 35 kg on a 15 kg bar', () => {
    expect(said('build', 35, 8, barLoads(15))).toEqual(['15x10', '25x5', '35x3']);
  });
  it('Build at 100 kg on a 20 kg bar', () => {
    const steps = planRamp('build', { workingG: kg(100), workingReps: 8 }, barLoads(20));
    expect(steps.map((step) => step.reps)).toEqual([10, 6, 4, 3]);
    const [light, second, third, primer] = steps.map((step) => step.load.loadG / 1000);
    expect([light, primer]).toEqual([20, 100]);
    // Near 47 and 73, by up to a quarter of the gap to the step before.
    expect(Math.abs(second! - 46.7)).toBeLessThanOrEqual(6.7);
    expect(Math.abs(third! - 73.3)).toBeLessThanOrEqual(8.4);
  });
  it('Build at 210 kg on a sled of 30 kg with a primer over the working load', () => {
    const plates = [plate(20, 20), plate(10, 2), plate(5, 2, 230), plate(2.5, 2, 190)];
    const sled = loadables(
      { ...room, bars: [bar(30, 9999)], plates },
      { kind: 'barbell', barId: 'bar-30' },
    );
    const ramp = planRamp('build', { workingG: kg(210), workingReps: 8, primerShare: 1.1 }, sled);
    expect(ramp.map((step) => [step.load.loadG / 1000, step.reps])).toEqual([
      [70, 10],
      [110, 8],
      [150, 6],
      [190, 4],
      [230, 3],
    ]);
  });
  it('Build at 90 kg with the light set fixed at 40', () => {
    const ideals = rampIdeals('build', {
      workingG: kg(90),
      workingReps: 8,
      emptyG: kg(20),
      lightG: kg(40),
    });
    expect(ideals.map((step) => Math.round(step.loadG / 1000))).toEqual([40, 57, 73, 90]);
    expect(ideals.map((step) => step.reps)).toEqual([10, 6, 4, 3]);
  });
  it('Heavy at 100 kg for five on a 20 kg bar', () => {
    const [light, second, third, last, ...more] = planRamp(
      'heavy',
      { workingG: kg(100), workingReps: 5 },
      barLoads(20),
    );
    expect(more).toEqual([]);
    expect(light!.load.loadG).toBeLessThanOrEqual(kg(50));
    expect([second, third, last].map((step) => step!.reps)).toEqual([5, 4, 2]);
    expect(second!.load.loadG).toBeGreaterThanOrEqual(kg(60));
    expect(second!.load.loadG).toBeLessThanOrEqual(kg(65));
    expect(third!.load.loadG).toBeGreaterThanOrEqual(kg(75));
    expect(third!.load.loadG).toBeLessThanOrEqual(kg(80));
    expect(last!.load.loadG).toBe(kg(90));
  });
  it('Warm already at 60 kg over a light load of 20', () => {
    expect(said('warm already', 60, 8)).toEqual(['40x5', '60x3']);
  });
  it('Rehearsal is one easy set at about half', () => {
    expect(said('rehearsal', 50, 15)).toEqual(['25x8']);
  });
});

describe('every ramp', () => {
  const anyRamp = fc.record({
    kind: fc.constantFrom(...kinds),
    working: fc.integer({ min: 20, max: 170 }),
    reps: fc.integer({ min: 3, max: 20 }),
    empty: fc.constantFrom(15, 20),
  });

  it('climbs, never raises reps, stays under its limit, and can be built', () => {
    fc.assert(
      fc.property(anyRamp, ({ kind, working, reps, empty }) => {
        const loads = barLoads(empty);
        const steps = planRamp(kind, { workingG: kg(working), workingReps: reps }, loads);
        steps.forEach((step, index) => {
          const before = steps[index - 1];
          expect(loads).toContain(step.load);
          if (before) {
            expect(step.load.loadG).toBeGreaterThan(before.load.loadG);
            expect(step.reps).toBeLessThanOrEqual(before.reps);
          }
          const isPrimer =
            index === steps.length - 1 && (kind === 'build' || kind === 'warm already');
          if (!isPrimer) expect(step.load.loadG).toBeLessThanOrEqual(kg(working) * 0.925);
        });
      }),
    );
  });

  it('is at most one set for a novice', () => {
    fc.assert(
      fc.property(fc.integer({ min: 15, max: 120 }), (working) => {
        expect(said('rehearsal', working, 12).length).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('is empty where nothing lighter exists', () => {
    expect(said('build', 20, 8)).toEqual([]);
    expect(planRamp('heavy', { workingG: kg(50), workingReps: 5 }, [])).toEqual([]);
  });
});
