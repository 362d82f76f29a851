import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { screeningQuestions } from '@spalo/catalog';
import { cautionKinds, flagDegrees } from '@spalo/core/person';

const root = join(__dirname, '../../../..');
const page = readFileSync(join(root, 'docs/cautions.md'), 'utf8');

/** The rows of one of the page's tables by what they are about: the other cells, trimmed. */
function rowsOf(heading: string): Map<string, string[]> {
  const [, table = ''] = page.split(`## ${heading}`);
  const [part] = table.split('\n## ');
  return new Map(
    [...part!.matchAll(/^\| `([^`]+)` *\|(.*)\|$/gm)].map(([, name, cells]) => [
      name!,
      cells!.split('|').map((cell) => cell.trim()),
    ]),
  );
}
const cautions = rowsOf('Cautions that screening leaves');
const questions = rowsOf('Questions');
const degrees = rowsOf('Flags, by degree');
const facts = rowsOf('Age, consent and answers that age');
const fileOf = (row: readonly string[] | undefined) => /^`(.+)`$/.exec(row?.at(-1) ?? '')?.[1];
const listed = (kinds: readonly string[]) => kinds.join(', ') || '—';

describe('the page of cautions', () => {
  it.each([...cautionKinds])('says what %s changes, by a rule that reads it', (caution) => {
    const file = fileOf(cautions.get(caution));
    expect(file).toBeDefined();
    expect(existsSync(join(root, file!))).toBe(true);
    const code = readFileSync(join(root, file!), 'utf8');
    // A rule names what it reads; what is only said is said of all of them.
    const isRead = code.includes(`'${caution}'`) || code.includes('cautionText');
    const byExhaling = caution === 'exhale' && code.includes('exhales(');
    expect(isRead || byExhaling).toBe(true);
  });

  it.each(screeningQuestions.map((question) => [question.id, question] as const))(
    'lists what a yes to %s leaves',
    (id, { untilCleared, always }) => {
      expect(questions.get(id)).toEqual([listed(untilCleared), listed(always)]);
    },
  );

  it('names a file for each fact that limits by itself', () => {
    expect(facts.size).toBeGreaterThan(5);
    for (const row of facts.values())
      expect(existsSync(join(root, fileOf(row) ?? 'nowhere'))).toBe(true);
  });

  it.each([...flagDegrees])('says what a flag of the degree %s changes', (degree) => {
    expect(existsSync(join(root, fileOf(degrees.get(degree)) ?? 'nowhere'))).toBe(true);
  });
});
