import fc from 'fast-check';
import { loadables } from '../loads/loadables';
import { platesOf, type Implement } from '../room/implement';
import { kg, room, squat } from '../test/fixtures';
import { planRamp, windowsFor, type RampRequest } from '../warm-up/ramp/plan-ramp';
import { plateImplement } from './plate-implement';
import { restack } from './restack';
import { handlingApart, shareBar, turnsOf, type SharedSet } from './shared-bar';

const implement: Implement = { kind: 'barbell', barId: 'bar-20' };
const bar = plateImplement(room, implement)!;
const request = (working: number): RampRequest => ({
  kind: 'build',
  workingG: kg(working),
  workingReps: 8,
  lift: squat,
  room,
  implement,
  unit: 'kg',
});

/** What a client has to do: the ramp's windows, then two working sets; and how it would be loaded alone. */
function client(working: number) {
  const asked = request(working);
  const alone = planRamp(asked);
  const exact = { lowG: kg(working), highG: kg(working), idealG: kg(working) };
  const sets: SharedSet[] = [...windowsFor(asked), { window: exact }, { window: exact }];
  const stacks = [...alone.steps.map((step) => step.build), alone.working, alone.working].map(
    platesOf,
  );
  return { sets, stacks };
}

describe('two clients on one bar', () => {
  it('take turns, and the one who has more sets goes on alone', () => {
    const who = (...counts: [number, number]) => turnsOf(counts, 0).map((turn) => turn.who);
    expect(who(2, 2)).toEqual([0, 1, 0, 1]);
    expect(who(1, 3)).toEqual([0, 1, 1, 1]);
    expect(turnsOf([2, 1], 1).map((turn) => turn.who)).toEqual([1, 0, 0]);
    expect(who(0, 0)).toEqual([]);
  });

  it('handle fewer pairs together than each by their own plan', () => {
    const [a, b] = [client(100), client(60)];
    const order = shareBar(bar, [a.sets, b.sets], 0, []);
    expect(order.moves).toBeLessThan(handlingApart([a.stacks, b.stacks], 0, []));
    expect(order.turns).toHaveLength(a.sets.length + b.sets.length);
  });

  it('never handle more together than apart, each set within what its ramp permits', () => {
    const load = fc.constantFrom(40, 45, 50, 60, 72.5, 80, 90, 100);
    fc.assert(
      fc.property(load, load, fc.constantFrom(0 as const, 1 as const), (one, other, first) => {
        const [a, b] = [client(one), client(other)];
        const order = shareBar(bar, [a.sets, b.sets], first, []);
        expect(order.moves).toBeLessThanOrEqual(handlingApart([a.stacks, b.stacks], first, []));
        const exist = new Set(
          loadables(room, implement)
            .all()
            .map((each) => each.loadG),
        );
        for (const { who, set, loadG } of order.turns) {
          const { window } = (who === 0 ? a : b).sets[set]!;
          expect(exist.has(loadG)).toBe(true);
          expect(loadG).toBeGreaterThanOrEqual(window.lowG);
          expect(loadG).toBeLessThanOrEqual(window.highG);
        }
      }),
      { numRuns: 30 },
    );
  });
});

describe('loading from what stands on the bar', () => {
  const twenty = room.plates[0]!;
  it('keeps what can stay', () => {
    expect(platesOf(restack(room, implement, kg(80), [twenty])!).map((each) => each.id)).toEqual([
      'plate-20',
      'plate-10',
    ]);
  });
  it('answers null for a load that does not exist, and for what takes no plates', () => {
    expect(restack(room, implement, kg(81), [])).toBeNull();
    expect(restack(room, { kind: 'dumbbell', hands: 2 }, kg(10), [])).toBeNull();
    expect(restack(room, { kind: 'barbell', barId: 'gone' }, kg(40), [])).toBeNull();
  });
});
