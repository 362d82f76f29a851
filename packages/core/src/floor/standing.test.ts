import { loadables } from '../loads/loadables';
import type { Build, Implement } from '../room/implement';
import type { Plate, Room } from '../room/room';
import type { Step } from '../session/plan';
import { buildNow, buildOf, plateShare } from './build';
import { takenElsewhere, type Stand, type Standing } from './standing';
import { roomWithout, takenKey, type TakenPlates } from './taken';

const kg = (value: number) => value * 1000;
const plate = (mass: number, count: number, diameterMm: number): Plate => ({
  id: `p${mass}`,
  massG: kg(mass),
  unit: 'kg',
  count,
  diameterMm,
  thicknessMm: 20,
});
const bar = (id: string, mass: number) => ({
  id,
  name: id,
  kind: 'straight' as const,
  massG: kg(mass),
  unit: 'kg' as const,
  sleeveMm: 400,
  count: 1,
  fits: null,
  handleMm: [],
});
const room: Room = {
  id: 'room',
  name: 'Room',
  bars: [bar('long', 20), bar('short', 15)],
  plates: [plate(20, 4, 450), plate(10, 2, 450), plate(5, 4, 230)],
  dumbbells: [{ id: 'd20', massG: kg(20), unit: 'kg', count: 2 }],
  kettlebells: [],
  stacks: [],
  machines: [],
  bands: [],
  furniture: null,
};
const onLong: Implement = { kind: 'barbell', barId: 'long' };
const none: TakenPlates = { plates: new Map(), sessionIds: [] };
const taken = (plates: Record<string, number>): TakenPlates => ({
  plates: new Map(Object.entries(plates)),
  sessionIds: ['teo'],
});
const step = (load: number, plates?: string[]): Step => ({
  kind: 'working',
  loadG: kg(load),
  reps: 5,
  purpose: '',
  restS: 0,
  ...(plates && { plates }),
});
const ids = (build: Build | null) =>
  build?.kind === 'barbell' ? build.perSide.map((each) => each.id) : null;
const stack = (load: number, barId = 'long'): Build =>
  buildOf(step(load), { kind: 'barbell', barId }, room, null)!;

describe('a room without the plates that others have', () => {
  it('has the rest of each kind, and none of a kind that is all taken', () => {
    const left = roomWithout(room, taken({ p20: 2, p10: 2 }));
    expect(left.plates.map(({ id, count }) => [id, count])).toEqual([
      ['p20', 2],
      ['p5', 4],
    ]);
    expect(left.bars).toBe(room.bars);
  });
  it('is the room itself where none are taken, and one room for one answer', () => {
    expect(roomWithout(room, none)).toBe(room);
    const once = roomWithout(room, taken({ p20: 2 }));
    expect(roomWithout(room, { ...taken({ p20: 2 }), sessionIds: ['runa'] })).toBe(once);
    expect(roomWithout(room, taken({ p20: 4 }))).not.toBe(once);
  });
  it('is told apart by plates and by who has them', () => {
    expect(takenKey(taken({ a: 1, b: 2 }))).toBe(takenKey(taken({ b: 2, a: 1 })));
    expect(takenKey(taken({ a: 1 }))).not.toBe(takenKey(taken({ a: 2 })));
    expect(takenKey(none)).toBe('');
  });
});

describe('how a set is built now', () => {
  it('is as planned where its plates are free', () => {
    const planned = step(60, ['p10', 'p5', 'p5']);
    const { build, lacking } = buildNow(planned, onLong, room, null, none);
    expect(ids(build)).toEqual(['p10', 'p5', 'p5']);
    expect(lacking).toBeNull();
    expect(ids(buildNow(planned, onLong, room, null, taken({ p20: 4 })).build)).toEqual([
      'p10',
      'p5',
      'p5',
    ]);
  });
  it('takes other plates where others have the planned ones', () => {
    const { build, lacking } = buildNow(step(60, ['p20']), onLong, room, null, taken({ p20: 4 }));
    expect(ids(build)).toEqual(['p10', 'p5', 'p5']);
    expect(lacking).toBeNull();
  });
  it('counts plates, not kinds: two twenties a side are not there when one pair is gone', () => {
    const planned = step(100, ['p20', 'p20']);
    const { build, lacking } = buildNow(planned, onLong, room, null, taken({ p20: 2 }));
    // 20 + 10 + 5 + 5 a side are free, and make the same load.
    expect(ids(build)).toEqual(['p20', 'p10', 'p5', 'p5']);
    expect(lacking).toBeNull();
  });
  it('says who has what is lacking, and the heaviest load that is free, where none will do', () => {
    const { build, lacking } = buildNow(
      step(100, ['p20', 'p20']),
      onLong,
      room,
      null,
      taken({ p20: 4, p10: 2 }),
    );
    expect(lacking).toEqual({ sessionIds: ['teo'], freeG: kg(40) });
    expect(ids(build)).toEqual(['p20', 'p20']);
  });
  it('is not known for a load that the room never makes', () => {
    expect(buildNow(step(61), onLong, room, null, taken({ p20: 4 }))).toEqual({
      build: null,
      lacking: null,
    });
  });
});

describe('plates on other stations', () => {
  const stand = (build: Build, change: Partial<Stand> = {}): Stand => ({
    setId: 's',
    build,
    sessionId: 'teo',
    inUse: true,
    ...change,
  });
  const bells = loadables(room, { kind: 'dumbbell', hands: 2 }).all()[0]!.build;
  const standing: Standing = new Map([
    ['barbell/long', stand(stack(100))],
    ['barbell/short', stand(stack(45, 'short'), { sessionId: 'runa' })],
    ['dumbbell/2', stand(bells, { sessionId: 'cas' })],
  ]);

  it('are taken while someone is at them, both sides counted', () => {
    expect(takenElsewhere(standing, 'barbell/short')).toEqual({
      plates: new Map([['p20', 4]]),
      sessionIds: ['teo'],
    });
    const elsewhere = takenElsewhere(standing, 'dumbbell/2');
    expect(elsewhere.sessionIds).toEqual(['teo', 'runa']);
    expect(elsewhere.plates.get('p10')).toBe(2);
  });
  it('are free once nobody is', () => {
    const over = new Map(standing).set('barbell/long', stand(stack(100), { inUse: false }));
    expect(takenElsewhere(over, 'barbell/short')).toEqual(none);
  });
  it('count once a sleeve, twice a bar, four times a pair of handles', () => {
    expect(plateShare(stack(100))).toBe(2);
    const handles = stack(100);
    expect(plateShare(handles.kind === 'barbell' ? { ...handles, hands: 2 } : handles)).toBe(4);
    expect(plateShare({ kind: 'body', added: [] })).toBe(1);
  });
});
