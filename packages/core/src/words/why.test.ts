import fc from 'fast-check';
import { decisionRows } from './decisions';
import { floorRows } from './floor';
import { keptRows } from './kept-rows.test-help';
import { limitRows } from './limits';
import { planRows } from './plans';
import type { Kind, Params } from './row';
import { warmUpRows } from './warm-ups';
import {
  allOf,
  isStoredWhy,
  whyCodes,
  whyText,
  type StoredWhy,
  type Why,
  type WhyCode,
} from './why';

const tables = [limitRows, decisionRows, floorRows, planRows, warmUpRows];
const rows = Object.assign({}, ...tables) as Record<WhyCode, { params: Params }>;

const word = fc.stringMatching(/^[a-z]{1,20}$/);
const count = fc.integer({ min: 0, max: 300 });
const mass = fc.integer({ min: 500, max: 300_000 });
const kept: Record<Exclude<Kind, 'why'>, fc.Arbitrary<unknown>> = {
  mass,
  count,
  counts: fc.array(count, { maxLength: 5 }),
  yes: fc.boolean(),
  word,
  words: fc.array(word, { minLength: 1, maxLength: 3 }),
  much: fc.oneof(
    fc.record({ loadG: mass }),
    fc.record({ amount: count, of: fc.constantFrom('reps', 'seconds', 'metres') }),
  ),
  set: fc.record({ clean: count, rir: fc.option(fc.integer({ min: 0, max: 4 })) }),
  left: fc.record({ rir: count, how: fc.constantFrom('about', 'more', 'less') }),
};

/** Any reason that can be kept, resting on others up to so deep. */
const anyWhy = (deep: number): fc.Arbitrary<StoredWhy> =>
  fc.constantFrom(...whyCodes).chain((code) => {
    const params = Object.entries(rows[code].params).map(([name, kind]) => [
      name,
      kind === 'why' ? (deep > 0 ? anyWhy(deep - 1) : fc.constant('As it was')) : kept[kind],
    ]);
    return fc
      .record(Object.fromEntries(params) as Record<string, fc.Arbitrary<unknown>>)
      .map((rest) => ({ ...rest, code }) as Why);
  });

describe('a reason as it is kept', () => {
  it('has a code of its own in one table', () => {
    const codes = tables.flatMap((table) => Object.keys(table));
    expect(new Set(codes).size).toBe(codes.length);
    expect([...codes].sort()).toEqual([...whyCodes].sort());
  });

  it('is never told otherwise once logs may hold it', () => {
    const told = Object.entries(rows).map(([code, { params }]) => [
      code,
      Object.entries(params)
        .map(([name, kind]) => `${name}: ${kind}`)
        .join(', '),
    ]);
    expect(Object.fromEntries(told)).toEqual(keptRows);
  });

  it('is known as one, and said whole, whatever it rests on, through the log and back', () => {
    fc.assert(
      fc.property(anyWhy(3), fc.constantFrom('kg', 'lb'), (why, unit) => {
        const back: unknown = JSON.parse(JSON.stringify(why));
        expect(isStoredWhy(back)).toBe(true);
        const text = whyText(back as StoredWhy, unit);
        expect(text).toBe(whyText(why, unit));
        expect(text).not.toMatch(/undefined|NaN|\[object|null/);
        expect(text).not.toMatch(/\.$/);
      }),
    );
  });

  it('is none with something missing or of another kind', () => {
    fc.assert(
      fc.property(anyWhy(1), (why) => {
        const { code, ...rest } = why as Why & Record<string, unknown>;
        for (const name of Object.keys(rest)) {
          const { [name as never]: _gone, ...others } = rest;
          expect(isStoredWhy({ code, ...others })).toBe(false);
          expect(isStoredWhy({ code, ...rest, [name]: { a: 1 } })).toBe(false);
        }
        expect(isStoredWhy({ ...rest, code: 'nobody-knows' })).toBe(false);
      }),
    );
    const rung = (why: StoredWhy): StoredWhy => ({
      code: 'nothing-light-enough',
      lift: 'back squat',
      why,
    });
    const opened: StoredWhy = {
      code: 'opened',
      reason: 'asked',
      limit: 'so',
      why: { code: 'as-decided' },
    };
    const eased: StoredWhy = { code: 'eased-for', spot: 'knee', how: 'deep bend', why: opened };
    expect(isStoredWhy({ code: 'two-clean', why: rung(rung(rung(rung(eased)))) })).toBe(true);
    const deep = Array.from({ length: 20 }).reduce<StoredWhy>(
      (why) => ({ code: 'two-clean', why }),
      'so',
    );
    expect(isStoredWhy(deep)).toBe(false);
    expect(
      [null, 3, [], 'x'.repeat(301), { code: 'constructor' }].map((each) => isStoredWhy(each)),
    ).toEqual([false, false, false, false, false]);
  });

  it('says masses in the unit that is asked for, and a sentence of old as it was written', () => {
    const why: Why = { code: 'up-left-four', loadG: 60_000 };
    expect(whyText(why, 'kg')).toBe('Up to 60 kg: every set had 4 or more in reserve');
    expect(whyText(why, 'lb')).toMatch(/^Up to 132\.\d lb: every set had 4 or more in reserve$/);
    expect(whyText('Up to 60 kg', 'lb')).toBe('Up to 60 kg');
    expect(whyText({ code: 'two-clean', why: 'Up to 60 kg' }, 'kg')).toBe(
      'Two clean sessions. Up to 60 kg',
    );
  });

  it('is no blank screen where a newer version wrote it', () => {
    expect(whyText({ code: 'of tomorrow' } as unknown as Why, 'kg')).toMatch(/does not know/);
  });

  it('is one of several, or none', () => {
    expect(allOf([])).toBeNull();
    expect(allOf(['One', 'Two', 'Three'].map((each) => each))).toEqual({
      code: 'and',
      first: { code: 'and', first: 'One', then: 'Two' },
      then: 'Three',
    });
  });
});
