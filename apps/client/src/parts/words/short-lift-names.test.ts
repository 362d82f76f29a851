import { shortLiftNames } from './short-lift-names';

describe('short names of a session’s lifts', () => {
  it('go without the implement', () => {
    const names = shortLiftNames(['back-squat', 'dumbbell-bench-press', 'one-arm-row']);
    expect([...names.values()]).toEqual(['Back squat', 'Bench press', 'One-arm row']);
  });

  it('keep it where two would be the same', () => {
    const names = shortLiftNames(['bench-press', 'dumbbell-bench-press']);
    expect(new Set(names.values()).size).toBe(2);
    expect(names.get('dumbbell-bench-press')).toBe('Dumbbell bench press');
  });
});
