import { nowMs } from '@spalo/core/unit';
import type { AnswerOf, Call, Problem, RouteName } from '@spalo/contract';
import {
  API_BASE,
  operations,
  problems,
  problemType,
  type Operation,
  type ProblemKind,
} from '@spalo/contract/operations';
import { readServerTime } from './device-clock';

/** The server refused; `problem` says why. */
export class ApiProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.errors?.[0]?.message ?? problem.title);
    this.name = 'ApiProblem';
  }
}

/** The server could not be reached; what was to be sent can be sent again. */
export class Unreachable extends Error {
  constructor(why = 'The server cannot be reached') {
    super(why);
    this.name = 'Unreachable';
  }
}

function addressOf(operation: Operation, parts: { params?: object; query?: object }): string {
  const path = operation.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(String((parts.params as Record<string, unknown>)[name])),
  );
  const given = Object.entries(parts.query ?? {}).filter(([, value]) => value !== undefined);
  const query = new URLSearchParams(given as [string, string][]).toString();
  return API_BASE + path + (query ? `?${query}` : '');
}

/** Something between this device and Spalo answered in its stead: a proxy, a network that wants a sign-in of its own. */
export class Foreign extends Unreachable {
  constructor(status: number) {
    super(`Something between this device and Spalo answered instead (${status})`);
    this.name = 'Foreign';
  }
}

const ours = new Set(Object.keys(problems).map((kind) => problemType(kind as ProblemKind)));

/** What Spalo's own refusal says; null for an answer that is not Spalo's. */
async function problemOf(response: Response): Promise<Problem | null> {
  try {
    const told = (await response.json()) as Problem;
    return ours.has(told.type) ? told : null;
  } catch {
    return null;
  }
}

/** The body of an answer of Spalo's; throws Foreign for a page that came in its place. */
async function jsonOf<T>(response: Response): Promise<T> {
  const type = response.headers.get('Content-Type') ?? '';
  if (!type.startsWith('application/json')) throw new Foreign(response.status);
  return (await response.json()) as T;
}

/**
 * Calls an operation of the API. Throws ApiProblem when Spalo refused, Unreachable when there is no answer, and Foreign, which is
 * one, when the answer is not Spalo's.
 */
export async function call<N extends RouteName>(name: N, args: Call<N>): Promise<AnswerOf<N>> {
  const operation: Operation = operations[name];
  const parts = args as { params?: object; query?: object; body?: unknown };
  const response = await reach(addressOf(operation, parts), operation.method, {
    ...(parts.body !== undefined && {
      type: 'application/json',
      body: JSON.stringify(parts.body),
    }),
  });
  return jsonOf<AnswerOf<N>>(response);
}

/** Sends a piece of a file to an address of the API; answers how far the file has come there. */
export async function sendBytes(address: string, piece: Blob): Promise<{ received: number }> {
  const response = await reach(address, 'put', { type: 'application/octet-stream', body: piece });
  return jsonOf(response);
}

async function reach(
  address: string,
  method: string,
  { type, body }: { type?: string; body?: string | Blob },
): Promise<Response> {
  let response: Response;
  const sentAtMs = nowMs();
  try {
    response = await fetch(address, {
      method: method.toUpperCase(),
      credentials: 'same-origin',
      headers: { 'X-Spalo': '1', ...(type && { 'Content-Type': type }) },
      ...(body !== undefined && { body }),
    });
  } catch {
    throw new Unreachable();
  }
  readServerTime(response, sentAtMs, nowMs());
  if (response.ok) return response;
  // A proxy that has lost its server answers for it: the same as no answer.
  if (response.status === 502 || response.status === 503 || response.status === 504)
    throw new Unreachable();
  const problem = await problemOf(response);
  throw problem ? new ApiProblem(problem) : new Foreign(response.status);
}
