import { boxed, inPlace, missingIn } from './set-text';

describe('a line on paper', () => {
  it('stands as it was typed where it goes from left to right', () => {
    for (const line of [
      'Tall chest, slow down',
      'Łukasz Żółć',
      'Спортзал на реке',
      'Νίκη 60 × 8',
      '',
    ])
      expect(inPlace(line)).toBe(line);
  });

  it('has its words in place where it goes from right to left; figures keep their order', () => {
    expect(inPlace('שלום עולם')).toBe('עולם שלום');
    expect(inPlace('سارة بنت علي')).toBe('علي بنت سارة');
    expect(inPlace('Today שלום עולם good')).toBe('Today עולם שלום good');
    // Within a line from right to left, what goes from left to right keeps its own order.
    expect(inPlace('שלום two words')).toBe('two words שלום');
  });

  it('says each letter that no font has once, and sets a box for it', () => {
    const latin = (codePoint: number) => codePoint < 0x250;
    expect(missingIn('Ada Lovelace', latin)).toEqual([]);
    const missing = missingIn('力量 Ada 力', latin);
    expect(missing).toEqual(['力', '量']);
    expect(boxed('力量 Ada', missing)).toBe('□□ Ada');
    // What is not drawn, or is made of two, is not missed.
    expect(missingIn('e\u0301\u200d\ufe0f', latin)).toEqual([]);
  });
});
