import { liftById } from '@spalo/catalog';

/** Words of implements: where loads stand beside them, a name can do without. */
const IMPLEMENTS = /\b(dumbbell|barbell|kettlebell|cable|machine)\s+/i;

const capitalized = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

/**
 * The names of a session's lifts for where there is little room: without the implement ("Dumbbell bench press" is "Bench
 * press"), unless two of them were the same then.
 */
export function shortLiftNames(liftIds: readonly string[]): Map<string, string> {
  const short = liftIds.map((id) => capitalized(liftById(id).name.replace(IMPLEMENTS, '')));
  return new Map(
    liftIds.map((id, at) => {
      const isAlone = short.filter((name) => name === short[at]).length === 1;
      return [id, isAlone ? short[at]! : liftById(id).name];
    }),
  );
}
