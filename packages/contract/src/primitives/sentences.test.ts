import { z } from 'zod';
import { load, text } from './values';

const wordsFor = (schema: z.ZodType, value: unknown) =>
  schema.safeParse(value).error?.issues.map(({ message }) => message);

describe('what is wrong with a value', () => {
  it.each<[string, z.ZodType, unknown, string]>([
    ['half a gram', load, 0.5, 'A whole number is needed here'],
    ['words for a number', load, 'ten', 'A number is needed here'],
    ['nothing', load, undefined, 'Missing: a number'],
    ['less than none', load, -1, 'At least 0'],
    ['a ton', load, 1_000_001, 'At most 1000000'],
    ['a number for words', text(5), 3, 'Text is needed here'],
    ['an own message', text(2), 'long', 'At most 2 characters'],
    ['another word', z.enum(['left', 'right']), 'up', 'One of: left, right'],
    ['too many', z.array(z.int()).max(1), [1, 2], 'At most 1 entry'],
    ['unknown fields', z.strictObject({}), { a: 1 }, 'Nothing here is called a'],
  ])('is said in a sentence: %s', (_name, schema, value, words) => {
    expect(wordsFor(schema, value)).toEqual([words]);
  });
});
