import { hash, verify } from '@node-rs/argon2';

/** Argon2id with the parameters that OWASP recommends (2023): 19 MiB, two passes, one lane. */
const options = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export function hashPassword(password: string): Promise<string> {
  return hash(password, options);
}

/** Compared against when there is no such account, so that both answers take as long. */
const nobody = hashPassword('nobody has this password');

/** Whether `password` belongs to `passwordHash`; null stands for an account that does not exist. */
export async function passwordMatches(
  passwordHash: string | null,
  password: string,
): Promise<boolean> {
  const matches = await verify(passwordHash ?? (await nobody), password);
  return matches && passwordHash !== null;
}
