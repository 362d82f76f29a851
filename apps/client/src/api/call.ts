import { nowMs } from '@spalo/core';
import type { AnswerOf, Call, Problem, RouteName } from '@spalo/contract';
import { API_BASE, operations, problems, type Operation } from '@spalo/contract/operations';
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
  constructor() {
    super('The server cannot be reached');
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

async function problemOf(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem;
  } catch {
    const { title } = problems['server-error'];
    return { type: 'about:blank', title, status: response.status };
  }
}

/** Calls an operation of the API. Throws ApiProblem when refused, Unreachable when there is no answer. */
export async function call<N extends RouteName>(name: N, args: Call<N>): Promise<AnswerOf<N>> {
  const operation: Operation = operations[name];
  const parts = args as { params?: object; query?: object; body?: unknown };
  const response = await reach(addressOf(operation, parts), operation.method, {
    ...(parts.body !== undefined && {
      type: 'application/json',
      body: JSON.stringify(parts.body),
    }),
  });
  return (await response.json()) as AnswerOf<N>;
}

/** Sends a piece of a file to an address of the API; answers how far the file has come there. */
export async function sendBytes(address: string, piece: Blob): Promise<{ received: number }> {
  const response = await reach(address, 'put', { type: 'application/octet-stream', body: piece });
  return (await response.json()) as { received: number };
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
  throw new ApiProblem(await problemOf(response));
}
