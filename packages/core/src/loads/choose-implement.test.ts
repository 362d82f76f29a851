import type { Stack } from '../room/room';
import { kg, room, row } from '../test/fixtures';
import { chooseImplement } from './choose-implement';

const stack = (station: Stack['station']): Stack => ({
  id: station,
  name: station,
  station,
  unit: 'kg',
  firstG: kg(5),
  stepG: kg(5),
  count: 16,
  addOnsG: [],
  ratio: 1,
  assisted: false,
});

describe('what a lift is loaded with', () => {
  it('is its own station, whatever stands first in the room', () => {
    const pulldown = {
      ...row,
      implement: 'stack' as const,
      stations: ['pulldown', 'cable'] as Stack['station'][],
    };
    for (const stacks of [
      [stack('cable'), stack('pulldown')],
      [stack('pulldown'), stack('cable')],
    ]) {
      const chosen = chooseImplement(pulldown, { ...room, stacks }, kg(30), kg(75));
      expect(chosen).toEqual({ kind: 'stack', stackId: 'pulldown' });
    }
  });
});
