import { countText } from '@spalo/core/unit';
import { z } from 'zod';

const kinds: Record<string, string> = {
  int: 'A whole number',
  number: 'A number',
  string: 'Text',
  boolean: 'Yes or no',
  array: 'A list',
  object: 'Something with fields',
  record: 'Something with fields',
  date: 'A date',
};

const many = (count: number | bigint, origin: string) =>
  origin === 'string'
    ? `${count} characters`
    : origin === 'array'
      ? countText(Number(count), 'entry', 'entries')
      : `${count}`;

/** What is wrong with a value where its schema does not say it in words of its own: a sentence, for people. */
function sentenceFor(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type': {
      const kind = kinds[issue.format === 'safeint' ? 'int' : issue.expected] ?? 'Something else';
      return issue.input === undefined
        ? `Missing: ${kind.toLowerCase()}`
        : `${kind} is needed here`;
    }
    case 'too_small':
      return `At least ${many(issue.minimum, issue.origin)}`;
    case 'too_big':
      return `At most ${many(issue.maximum, issue.origin)}`;
    case 'not_multiple_of':
      return `Only multiples of ${issue.divisor}`;
    case 'invalid_value':
      return `One of: ${issue.values.map(String).join(', ')}`;
    case 'unrecognized_keys':
      return `Nothing here is called ${issue.keys.join(' or ')}`;
    case 'invalid_union':
      return 'None of what may stand here';
    default:
      return 'This cannot be read';
  }
}

/** From here on every schema says what is wrong in these sentences, unless it has words of its own. */
export const saySentences = (): void => {
  z.config({ customError: sentenceFor });
};
