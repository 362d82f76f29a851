import { isDatabaseAway, isDiskFull } from './errors';

const withCode = (code: string, cause?: Error) =>
  Object.assign(new Error('x', { cause }), { code });

describe('an error of the database', () => {
  it('is a full disk by its state, or by the system’s own word, however deep', () => {
    expect(isDiskFull(withCode('53100'))).toBe(true);
    expect(isDiskFull(new Error('query', { cause: withCode('53100') }))).toBe(true);
    expect(isDiskFull(withCode('ENOSPC'))).toBe(true);
    for (const other of [withCode('23505'), withCode('ENOENT'), new Error('x'), null]) {
      expect(isDiskFull(other)).toBe(false);
    }
    expect(isDatabaseAway(withCode('53100'))).toBe(false);
  });
});
