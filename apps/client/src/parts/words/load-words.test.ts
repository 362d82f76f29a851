import { clock } from '../../design/clock';
import { logLabel, rirText } from './load-words';

describe('words', () => {
  it('name what will be stored', () => {
    expect(logLabel({ loadG: 60_000, reps: 8, cleanReps: 8 }, 'kg')).toBe('Log 60 × 8');
    expect(logLabel({ loadG: 60_000, reps: 8, cleanReps: 7 }, 'kg')).toBe('Log 60 × 7 clean of 8');
    expect([0, 65, 600].map(clock)).toEqual(['0:00', '1:05', '10:00']);
    expect([null, 0, 4].map(rirText)).toEqual(['', 'none in reserve', '4 or more in reserve']);
  });
});
