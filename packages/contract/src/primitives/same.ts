import type { z } from 'zod';

type Same<T, S> = [T] extends [S] ? ([S] extends [T] ? unknown : never) : never;

/**
 * A schema that gives exactly a type of core, neither more nor less: what the one allows and the other refuses is an
 * error of the compiler, in both directions.
 */
export const same =
  <T>() =>
  <S extends z.ZodType>(schema: S & Same<T, z.output<S>>): S =>
    schema;
