import { catalogueLifts, liftById } from '@spalo/catalog';
import { roomPresets } from '@spalo/catalog/rooms';
import { canBeDone } from '@spalo/core/loads';
import { isClosed, liftLimit, type Person } from '@spalo/core/person';
import { somebody } from '../practice/somebody.test-help';
import { substitutesFor } from './substitutes';

let next = 0;
const rooms = roomPresets.map((preset) => preset.make(() => `id-${(next += 1)}`));
const now = '2026-11-26T10:00:00.000Z';
const person: Person = { ...somebody, trainingMonths: 12 };
const sore: Person = {
  ...person,
  flags: [
    {
      id: 'flag',
      place: 'knee',
      side: 'left',
      note: 'aches deep',
      fine: 'shallow',
      since: null,
      saidBy: 'herself',
      state: 'new',
      usualPain: 3,
    },
  ],
};

describe('lifts for the place of another', () => {
  it.each(rooms.map((room) => [room.name, room] as const))(
    'can be done in the %s by this client, are not in the session, and share its movement or muscles',
    (_name, room) => {
      for (const who of [person, sore]) {
        for (const lift of catalogueLifts) {
          const taken = [lift.id, 'goblet-squat'];
          const found = substitutesFor(lift, { person: who, room, taken, now });
          expect(new Set(found.map((each) => each.lift.id)).size).toBe(found.length);
          for (const { lift: other, why } of found) {
            expect(taken).not.toContain(other.id);
            expect(canBeDone(other, room, who.bodyMassG)).toBe(true);
            expect(isClosed(liftLimit(who, other, now))).toBe(false);
            expect(why).not.toBe('');
          }
        }
      }
    },
  );

  it('come the likest first', () => {
    const [, studio] = rooms;
    const found = substitutesFor(liftById('back-squat'), {
      person,
      room: studio!,
      taken: ['back-squat'],
      now,
    });
    expect(found[0]!.lift.pattern).toBe('squat');
    expect(found[0]!.why).toBe(
      'the same movement, trains the quads and glutes, hardest in the stretched position',
    );
  });

  it('come first where they spare a place that is only eased', () => {
    const flag = { ...sore.flags[0]!, place: 'wrist' as const, degree: 'ease' as const };
    const eased: Person = { ...person, flags: [flag] };
    const bench = liftById('bench-press');
    const wish = { room: rooms[1]!, taken: [], now };
    const spares = (who: Person) => {
      const [first] = substitutesFor(bench, { person: who, ...wish });
      return !first!.lift.stress.some(({ joint }) => joint === 'wrist');
    };
    expect(spares(person)).toBe(false);
    expect(spares(eased)).toBe(true);
  });
});
