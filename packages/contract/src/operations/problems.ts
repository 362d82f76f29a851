/** Every kind of refusal, with its status and title (RFC 9457). */
export const problems = {
  'invalid-input': { status: 400, title: 'Something in the request is not right' },
  'not-signed-in': { status: 401, title: 'Sign in first' },
  'wrong-password': { status: 401, title: 'E-mail or password is not right' },
  'not-allowed': { status: 403, title: 'Not allowed for this account' },
  'cross-site': { status: 403, title: 'Only Spalo itself may send this' },
  'wrong-host': { status: 421, title: 'This address is not one of Spalo’s' },
  'not-found': { status: 404, title: 'Not found' },
  'method-not-allowed': { status: 405, title: 'That cannot be done here' },
  'choose-studio': { status: 409, title: 'Choose the studio' },
  conflict: { status: 409, title: 'Something else is already there' },
  gone: { status: 410, title: 'It was deleted for good' },
  'too-large': { status: 413, title: 'Too much at once' },
  'not-json': { status: 415, title: 'Send JSON' },
  'too-many-tries': { status: 429, title: 'Too many tries; wait a little' },
  'too-often': { status: 429, title: 'Too often; wait a little' },
  busy: { status: 429, title: 'Busy just now; try again in a moment' },
  'server-error': { status: 500, title: 'Something went wrong in Spalo' },
  'not-ready': { status: 503, title: 'Not ready yet' },
  'no-space': { status: 507, title: 'The disk is full: nothing was kept' },
} as const;

export type ProblemKind = keyof typeof problems;

/** The `type` of a problem document. */
export function problemType(kind: ProblemKind): string {
  return `/problems/${kind}`;
}
