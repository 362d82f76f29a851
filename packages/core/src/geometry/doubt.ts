import { bodyParts, type BodyLengths, type BodyPart } from './body';

/** An answer with how sure it is, in its own unit. */
export interface Answer {
  mean: number;
  sd: number;
}

/**
 * A number that follows from a body's lengths, with their doubt carried to it: each length is moved by its own doubt both
 * ways, and what that changes adds up as independent errors do. Null where the body as it is has no answer.
 */
export function withDoubt(
  body: BodyLengths,
  ask: (body: BodyLengths) => number | null,
): Answer | null {
  const mean = ask(body);
  if (mean === null) return null;
  const variance = bodyParts.reduce((sum, part) => {
    const { mm, sd } = body[part];
    const moved = (by: number) => ask({ ...body, [part]: { mm: mm + by, sd } }) ?? mean;
    return sum + ((moved(sd) - moved(-sd)) / 2) ** 2;
  }, 0);
  return { mean, sd: Math.sqrt(variance) };
}

/** Why an answer differs from that of another body: the length that makes most of the difference. */
export interface Cause {
  part: BodyPart;
  /** What the whole difference is, in the answer's unit. */
  difference: number;
}

/** The length of a body that most makes its answer differ from another body's; null where they do not differ or cannot be told. */
export function mainCause(
  body: BodyLengths,
  other: BodyLengths,
  ask: (body: BodyLengths) => number | null,
): Cause | null {
  const [own, theirs] = [ask(body), ask(other)];
  if (own === null || theirs === null || own === theirs) return null;
  const difference = own - theirs;
  const effects = bodyParts.map((part) => ({
    part,
    // Of what is taken back when this length is as the other's, in the direction of the difference.
    effect: (own - (ask({ ...body, [part]: other[part] }) ?? own)) * Math.sign(difference),
  }));
  const most = effects.reduce((kept, each) => (each.effect > kept.effect ? each : kept));
  return most.effect > 0 ? { part: most.part, difference } : null;
}
