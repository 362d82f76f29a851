import { Refusal } from '../http/refusal';

/** Why an archive is not brought in. */
export const damaged = (what: string): Refusal =>
  new Refusal('invalid-input', `This archive cannot be brought in: ${what}. Nothing was kept.`);
