import { problems, problemType, type Problem, type ProblemKind } from '@spalo/contract';

/** A request that is refused; becomes a problem document. */
export class Refusal extends Error {
  constructor(
    readonly kind: ProblemKind,
    readonly detail?: string,
    readonly errors?: Problem['errors'],
    readonly more: {
      choices?: Problem['choices'];
      /** Seconds until the same may be tried again. */
      retryAfterS?: number;
    } = {},
  ) {
    super(detail ?? problems[kind].title);
    this.name = 'Refusal';
  }
}

/** A Refusal as the document that is sent. `instance` is the request id. */
export function problemDocument(refusal: Refusal, instance: string): Problem {
  const { status, title } = problems[refusal.kind];
  return {
    type: problemType(refusal.kind),
    title,
    status,
    ...(refusal.detail !== undefined && { detail: refusal.detail }),
    instance,
    ...(refusal.errors && { errors: refusal.errors }),
    ...(refusal.more.choices && { choices: refusal.more.choices }),
  };
}
