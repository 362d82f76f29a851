import { API_BASE, operations, type Operation } from '../../packages/contract/src/operations';
import { ApiProblem, Unreachable } from '../../apps/client/src/api/call';
import type { Caller } from '../../apps/client/src/state/log/sync';
import type { Chance } from './chance';

/** Whether the network of a device may lose, repeat and hold back what it carries. */
export interface Weather {
  bad: boolean;
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * A device's way to the server: requests and answers are lost, requests arrive twice, and a repetition may arrive long after,
 * behind what was sent later.
 */
export class Network {
  private cookie = '';
  private readonly late: Promise<unknown>[] = [];
  readonly counts = { lost: 0, answersLost: 0, twice: 0, late: 0 };

  constructor(
    private readonly address: string,
    private readonly chance: Chance,
    private readonly weather: Weather,
  ) {}

  readonly call: Caller = async (name, args) => {
    const operation: Operation = operations[name];
    const parts = args as { params?: Record<string, string>; query?: object; body?: unknown };
    const path = operation.path.replace(/:(\w+)/g, (_, key: string) => parts.params![key]!);
    const given = Object.entries(parts.query ?? {}).filter(([, value]) => value !== undefined);
    const query = new URLSearchParams(given as [string, string][]).toString();
    const send = () => this.request(operation.method, `${path}${query && `?${query}`}`, parts.body);
    if (!this.weather.bad || operation.access === 'open') return (await send()) as never;
    if (this.chance.happens(0.06)) {
      this.counts.lost += 1;
      throw new Unreachable();
    }
    if (this.chance.happens(0.06)) {
      this.counts.twice += 1;
      await send().catch(() => undefined);
    }
    if (this.chance.happens(0.04)) {
      this.counts.late += 1;
      this.late.push(
        pause(200 + this.chance.below(1500))
          .then(send)
          .catch(() => undefined),
      );
    }
    const answer = await send();
    if (this.chance.happens(0.06)) {
      this.counts.answersLost += 1;
      throw new Unreachable();
    }
    return answer as never;
  };

  /** Waits for whatever is still on its way. */
  async settle(): Promise<void> {
    await Promise.all(this.late.splice(0));
  }

  private async request(method: string, path: string, body: unknown): Promise<unknown> {
    let response: Response;
    try {
      response = await fetch(this.address + API_BASE + path, {
        method: method.toUpperCase(),
        headers: {
          'X-Spalo': '1',
          cookie: this.cookie,
          ...(body !== undefined && { 'content-type': 'application/json' }),
        },
        ...(body !== undefined && { body: JSON.stringify(body) }),
      });
    } catch {
      throw new Unreachable();
    }
    const cookies = response.headers.getSetCookie().map((each) => each.split(';')[0]);
    if (cookies.length > 0) this.cookie = cookies.join('; ');
    const answer = (await response.json().catch(() => {
      throw new Unreachable();
    })) as never;
    if (response.ok) return answer;
    if (response.status === 503) throw new Unreachable();
    throw new ApiProblem(answer);
  }
}
