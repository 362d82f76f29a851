import { bar, kg, room as testRoom } from '../../test/fixtures';
import type { Room } from '../../room/room';
import { neededIn } from './needed';
import type { Want } from './things';

const onBar = (barId: string) => ({ kind: 'barbell' as const, barId });
const want = (bookingId: string, change: Partial<Want> = {}): Want => ({
  bookingId,
  liftId: 'back-squat',
  implement: onBar('bar-20'),
  loadG: kg(60),
  places: [[]],
  fromS: 0,
  toS: 600,
  ...change,
});
const furnished = (...all: [NonNullable<Room['furniture']>[number]['kind'], number][]): Room => ({
  ...testRoom,
  bars: [{ ...bar(20), count: 9 }],
  furniture: all.map(([kind, count]) => ({ id: kind, kind, count })),
});
const shortIn = (wants: Want[], room: Room) =>
  neededIn(wants, room)
    .filter(({ isShort }) => isShort)
    .map(({ thing, wanted, there }) => [Object.values(thing).join('/'), wanted, there]);

describe('what a slot needs', () => {
  it('is short where more clients want a thing at once than there are, not one after the other', () => {
    expect(shortIn([want('a'), want('b')], testRoom)).toEqual([['bar/bar-20', 2, 1]]);
    expect(shortIn([want('a'), want('b', { fromS: 600, toS: 900 })], testRoom)).toEqual([]);
    expect(shortIn([want('a'), want('b', { fromS: 421, toS: 900 })], testRoom)).toEqual([]);
    const later = want('c', { fromS: 900, toS: 1200 });
    const long = [want('a'), want('b', { fromS: 400, toS: 900 }), later];
    expect(neededIn(long, testRoom)[0]).toMatchObject({
      isShort: true,
      shortS: 200,
      shortFor: ['a', 'b'],
    });
    const body = { kind: 'body' as const, bodyG: kg(50) };
    expect(neededIn([want('a', { implement: body })], testRoom)).toEqual([]);
  });

  it('counts bells of one mass by the hand: a pair and a single are three', () => {
    const bell = { id: 'd', massG: kg(20), unit: 'kg' as const, count: 2 };
    const here = { ...testRoom, dumbbells: [bell] };
    const bells = (bookingId: string, hands: 1 | 2) =>
      want(bookingId, { implement: { kind: 'dumbbell', hands }, loadG: kg(20) });
    expect(shortIn([bells('a', 1), bells('b', 1)], here)).toEqual([]);
    expect(shortIn([bells('a', 2), bells('b', 1)], here)).toEqual([['dumbbell/20000', 3, 2]]);
  });

  it('counts bells built on handles as the handles that they are', () => {
    const handle = { ...bar(2, 110), id: 'handle', kind: 'handle' as const, count: 2 };
    const here = { ...testRoom, dumbbells: [], bars: [handle] };
    const bells = (bookingId: string) =>
      want(bookingId, { implement: { kind: 'dumbbell', hands: 2 }, loadG: kg(7) });
    expect(shortIn([bells('a')], here)).toEqual([]);
    expect(shortIn([bells('a'), bells('b')], here)).toEqual([['bar/handle', 4, 2]]);
  });

  it('sees one rack for three, and gives who comes later the other bench', () => {
    const squats = ['a', 'b', 'c'].map((id) => want(id, { places: [['rack']] }));
    expect(shortIn(squats, furnished(['rack', 1]))).toEqual([['furniture/rack', 3, 1]]);
    expect(shortIn(squats, { ...furnished(), furniture: null })).toEqual([]);
    const lying = (id: string) =>
      want(id, { places: [['flat bench'], ['adjustable bench']], fromS: id === 'a' ? 0 : 60 });
    const two = furnished(['flat bench', 1], ['adjustable bench', 1]);
    expect(shortIn([lying('a'), lying('b')], two)).toEqual([]);
    expect(shortIn([lying('a'), lying('b'), lying('c')], two)).toHaveLength(1);
  });
});
