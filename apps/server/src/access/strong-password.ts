import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import { Refusal } from '../http/refusal';

/** Guessed within 10^8 tries: common passwords, runs of keys, repetitions, and what is made of the person's own words. */
const TOO_EASY = 2;

const estimator = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });

/** Refuses a password that a list or the person's own words give away; `own` are those words: name, e-mail, studio. */
export function requireStrong(password: string, own: readonly string[]): void {
  const words = own.flatMap((each) => [each, ...each.split(/[^\p{L}\p{N}]+/u)]).filter(Boolean);
  if (estimator.check(password, words).score > TOO_EASY) return;
  const message = 'Too easy to guess: take several words that belong together only for you';
  throw new Refusal('invalid-input', undefined, [{ path: 'body.password', message }]);
}
