import fc from 'fast-check';
import { countText, listText, wordFor } from './language';

describe('how many of what', () => {
  it.each([
    [0, '0 sets'],
    [1, '1 set'],
    [2, '2 sets'],
    [1.5, '1.5 sets'],
    [21, '21 sets'],
  ])('says %s as %s', (count, text) => {
    expect(countText(count, 'set')).toBe(text);
  });

  it('takes the several of a word that has its own', () => {
    expect([1, 2].map((count) => countText(count, 'entry', 'entries'))).toEqual([
      '1 entry',
      '2 entries',
    ]);
  });

  it('says one of exactly one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), (count) => {
        expect(wordFor(count, 'one', 'several')).toBe(count === 1 ? 'one' : 'several');
      }),
    );
  });
});

it('names several as one does', () => {
  expect(listText([])).toBe('');
  expect(listText(['Ada'])).toBe('Ada');
  expect(listText(['Ada', 'Bo'])).toBe('Ada and Bo');
  expect(listText(['Ada', 'Bo', 'Cy'])).toBe('Ada, Bo and Cy');
});
