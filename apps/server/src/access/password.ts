import { hash, verify } from '@node-rs/argon2';
import { Refusal } from '../http/refusal';
import { makeTurns, TooManyWaiting } from './turns';

/** Argon2id with the parameters that OWASP recommends (2023): 19 MiB, two passes, one lane. */
const options = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

const WAITING = 30;
/** Hashing takes a whole core for a moment: one at a time, so that a rain of sign-ins slows nobody's work. */
const inTurn = makeTurns(1, WAITING);

async function hashing<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await inTurn(work);
  } catch (error) {
    if (!(error instanceof TooManyWaiting)) throw error;
    throw new Refusal('busy', undefined, undefined, { retryAfterS: 2 });
  }
}

/** The hash that is kept; refuses `busy` when too many wait for theirs. */
export function hashPassword(password: string): Promise<string> {
  return hashing(() => hash(password, options));
}

/** Compared against when there is no such account, so that both answers take as long. */
const nobody = hash('nobody has this password', options);

/** Whether `password` belongs to `passwordHash`; null stands for an account that does not exist. */
export async function passwordMatches(
  passwordHash: string | null,
  password: string,
): Promise<boolean> {
  const compared = passwordHash ?? (await nobody);
  const matches = await hashing(() => verify(compared, password));
  return matches && passwordHash !== null;
}
