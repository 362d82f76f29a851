import { said } from '../test/said';
import { canBeDone, chooseImplement } from '../loads/choose-implement';
import { loadables } from '../loads/loadables';
import type { Room } from '../room/room';
import { readStrength } from '../strength/profile';
import { replay } from '../strength/replay';
import { NOW, flag, kg, lifts, person, room, row, squat, unknown } from '../test/fixtures';
import { loadCardRow } from './load-card';

import fc from 'fast-check';

const context = { now: NOW, faults: [null, null, null] };

describe('a row of the load card', () => {
  it('falls from range to range, and only holds loads that exist here', () => {
    const { cells, limit } = loadCardRow(squat, person, unknown(), room, 2, context);
    expect(limit).toBeNull();
    expect(cells.map((cell) => [cell.range, cell.reps])).toEqual([
      ['1-5', 3],
      ['6-7', 7],
      ['8-12', 10],
      ['13-20', 17],
    ]);
    const loads = cells.map((cell) => cell.load!.loadG);
    expect(loads).toEqual([...loads].sort((a, b) => b - a));
    const bars = room.bars.flatMap(({ id: barId }) =>
      loadables(room, { kind: 'barbell', barId }).all(),
    );
    for (const load of loads) expect(bars.map((each) => each.loadG)).toContain(load);
  });

  it('is never above what is likely, whoever it is for, and careful where nothing is known', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40_000, max: 140_000 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 1, max: 3 }),
        (bodyMassG, trainingMonths, rir) => {
          const who = { ...person, bodyMassG, trainingMonths };
          for (const { load, answer } of loadCardRow(row, who, unknown(who), room, rir, context)
            .cells) {
            const lightest = loadables(room, { kind: 'dumbbell', hands: 1 }).all()[0]!.loadG;
            expect(load!.loadG).toBeLessThanOrEqual(Math.max(lightest, answer.start));
          }
        },
      ),
    );
  });

  it('takes the nearest for a known lift, below the upper end of the belief', () => {
    const sets = [9, 6, 3].map((days) => ({
      id: `${days}`,
      liftId: squat.id,
      sessionId: `${days}`,
      at: new Date(Date.parse(NOW) - days * 86_400_000).toISOString(),
      loadG: kg(80),
      reps: 10,
      cleanReps: 10,
      rir: 2,
      bearing: 'counts' as const,
    }));
    const known = readStrength(person, replay(person, lifts, sets, NOW), lifts, NOW);
    const cell = loadCardRow(squat, person, known, room, 2, context).cells[2]!;
    expect(Math.abs(cell.load!.loadG - cell.answer.mean)).toBeLessThanOrEqual(kg(1.25));
    expect(cell.load!.loadG).toBeLessThanOrEqual(cell.answer.high);
  });

  it('says why a range or the lift is closed, and what the room lacks', () => {
    const hurt = { ...person, trainingMonths: 3, flags: [flag({ place: 'wrist' })] };
    const closed = loadCardRow(row, hurt, unknown(hurt), room, 2, { now: NOW, faults: [] });
    expect(said(said(closed.limit!.why))).toMatch(/wrist/);
    expect(closed.cells.map((cell) => cell.limit !== null)).toEqual([true, true, false, false]);
    const bare: Room = { ...room, dumbbells: [], kettlebells: [] };
    const { cells } = loadCardRow(row, person, unknown(), bare, 2, context);
    expect(cells.every((cell) => cell.load === null)).toBe(true);
  });
});

describe('what a lift is loaded with', () => {
  const kettlebells: Room = {
    ...room,
    dumbbells: [],
    kettlebells: [{ id: 'k', massG: kg(16), unit: 'kg', count: 1 }],
  };
  it('is the usual thing, or what can stand in for it', () => {
    expect(chooseImplement(row, room, kg(20), kg(70))).toEqual({ kind: 'dumbbell', hands: 1 });
    expect(chooseImplement(row, kettlebells, kg(20), kg(70))).toEqual({
      kind: 'kettlebell',
      hands: 1,
    });
    expect(canBeDone(row, { ...kettlebells, kettlebells: [] }, kg(70))).toBe(false);
  });
  it('is the heaviest bar that leaves room for a light set, else the lightest', () => {
    const bar = (targetG: number) => chooseImplement(squat, room, targetG, kg(70));
    expect(bar(kg(80))).toEqual({ kind: 'barbell', barId: 'bar-20' });
    expect(bar(kg(32))).toEqual({ kind: 'barbell', barId: 'bar-15' });
    expect(bar(kg(5))).toEqual({ kind: 'barbell', barId: 'bar-15' });
  });
  it('is the client’s own body where the body is the load', () => {
    const pushUp = { ...squat, implement: 'body' as const, bodyShare: 0.64 };
    expect(chooseImplement(pushUp, room, kg(50), kg(75))).toEqual({ kind: 'body', bodyG: kg(48) });
  });
});
