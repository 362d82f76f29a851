import fc from 'fast-check';
import { bar, kg, room as testRoom } from '../../test/fixtures';
import type { Room } from '../../room/room';
import { arrangeHour } from './arrange';
import type { HourClient, HourLift } from './clients';
import { inArrangedOrder } from './arranged';

const lift = (liftId: string, change: Partial<HourLift> = {}): HourLift => ({
  liftId,
  restClass: 'press',
  implement: { kind: 'body', bodyG: kg(40) },
  otherBars: [],
  loadG: kg(40),
  places: [[]],
  seconds: 600,
  ...change,
});
const squat = (change: Partial<HourLift> = {}) =>
  lift('back-squat', {
    restClass: 'squat',
    implement: { kind: 'barbell', barId: 'bar-15' },
    places: [['rack']],
    ...change,
  });
const client = (bookingId: string, lifts: HourLift[], isFixed = false): HourClient => ({
  bookingId,
  startS: 480,
  lifts,
  isFixed,
});
const roomOf = (racks: number, bars: Room['bars'] = [{ ...bar(15), count: 9 }]): Room => ({
  ...testRoom,
  bars,
  furniture: [{ id: 'rack', kind: 'rack', count: racks }],
});

describe('an hour drafted together', () => {
  it('takes the bar that stands free, where it loads the same', () => {
    const three = ['a', 'b', 'c'].map((id) => client(id, [squat({ otherBars: ['bar-20'] })]));
    const room = roomOf(3, [bar(15), { ...bar(20), count: 2 }]);
    const { arranged, shortBefore, shortAfter } = arrangeHour(three, room);
    expect(shortBefore).toHaveLength(1);
    expect(shortAfter).toEqual([]);
    expect([...arranged.values()].flatMap(({ bars }) => bars)).toEqual([
      { liftId: 'back-squat', barId: 'bar-20' },
      { liftId: 'back-squat', barId: 'bar-20' },
    ]);
  });

  it('leaves a bar alone that would load much less', () => {
    const light = squat({ loadG: kg(17.5), otherBars: ['bar-20'] });
    const room = roomOf(2, [bar(15), bar(20)]);
    const { arranged, shortAfter } = arrangeHour(
      [client('a', [light]), client('b', [light])],
      room,
    );
    expect(arranged.size).toBe(0);
    expect(shortAfter).toHaveLength(1);
  });

  it('lets three take one rack in turn by the order of their lifts, the one as planned', () => {
    const lifts = () => [squat(), lift('bench-press'), lift('one-arm-row'), lift('plank')];
    const { arranged, shortBefore, shortAfter } = arrangeHour(
      ['a', 'b', 'c'].map((id) => client(id, lifts())),
      roomOf(1),
    );
    expect(shortBefore).toHaveLength(1);
    expect(shortAfter).toEqual([]);
    expect(arranged.size).toBe(2);
    for (const { order } of arranged.values()) expect([...order].sort()).toHaveLength(4);
  });

  it('moves nobody whose order is set, and says what stays short', () => {
    const fixed = ['a', 'b'].map((id) => client(id, [squat(), lift('bench-press')], true));
    const { arranged, shortAfter } = arrangeHour(fixed, roomOf(1));
    expect(arranged.size).toBe(0);
    expect(shortAfter.map(({ thing }) => thing)).toEqual([
      { kind: 'furniture', furniture: 'rack' },
    ]);
  });

  it('changes nothing where nothing is short', () => {
    const apart = [client('a', [squat()]), client('b', [lift('bench-press'), squat()])];
    expect(arrangeHour(apart, roomOf(1)).arranged.size).toBe(0);
  });

  it('never makes an hour shorter of things, nor loses or adds a lift, over random hours', () => {
    const kinds = [
      squat(),
      squat({ liftId: 'front-squat', otherBars: ['bar-20'] }),
      lift('bench-press', { places: [['flat bench']] }),
      lift('row', { places: [['flat bench'], ['adjustable bench']] }),
      lift('raise', { restClass: 'small' }),
    ];
    const lifts = fc.shuffledSubarray(kinds, { minLength: 1 });
    const hour = fc.array(fc.record({ lifts, isFixed: fc.boolean() }), {
      minLength: 1,
      maxLength: 4,
    });
    const room: Room = {
      ...roomOf(1, [bar(15), bar(20)]),
      furniture: [
        { id: 'r', kind: 'rack', count: 1 },
        { id: 'f', kind: 'flat bench', count: 1 },
        { id: 'a', kind: 'adjustable bench', count: 1 },
      ],
    };
    fc.assert(
      fc.property(hour, (all) => {
        const planned = all.map((each, at) => client(`b${at}`, each.lifts, each.isFixed));
        const { arranged, shortBefore, shortAfter } = arrangeHour(planned, room);
        const total = (short: typeof shortBefore) =>
          short.reduce((sum, { shortS }) => sum + shortS, 0);
        expect(total(shortAfter)).toBeLessThanOrEqual(total(shortBefore));
        for (const each of planned) {
          const its = arranged.get(each.bookingId);
          const before = each.lifts.map(({ liftId }) => liftId);
          const after = inArrangedOrder(before, its, (id) => id);
          expect([...after].sort()).toEqual([...before].sort());
          if (each.isFixed) expect(after).toEqual(before);
        }
      }),
      { numRuns: 60 },
    );
  });
});
