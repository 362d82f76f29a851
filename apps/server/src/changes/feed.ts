import type { StreamMessage } from '@spalo/contract';
import pg from 'pg';
import type { Logger } from 'pino';
import type { ChangeFeed } from '../http/app';
import { loggable } from '../db/errors';
import { CHANNEL, type Announcement } from '../db/announce';

const RECONNECT_MS = 1000;

interface Follower {
  listener: (message: StreamMessage) => void;
  onLost: () => void;
  onEnded: (signInIds: readonly string[]) => void;
}

/** Listens on a connection of its own, and again whenever that connection is lost. */
export async function openChangeFeed(url: string, log: Logger): Promise<ChangeFeed> {
  const followers = new Map<string, Set<Follower>>();
  let client: pg.Client;
  let closed = false;

  /** One attempt at a time, until it succeeds. Then whoever followed has missed what happened meanwhile. */
  const reconnect = () => {
    if (closed) return;
    setTimeout(() => {
      connect().then(
        () => [...followers.values()].forEach((here) => here.forEach((each) => each.onLost())),
        () => reconnect(),
      );
    }, RECONNECT_MS).unref();
  };

  const connect = async () => {
    const next = new pg.Client({ connectionString: url });
    let live = false;
    next.on('notification', ({ payload }) => {
      const { studioId, messages, ended } = JSON.parse(payload ?? '{}') as Announcement;
      for (const follower of followers.get(studioId) ?? []) {
        messages.forEach(follower.listener);
        if (ended.length > 0) follower.onEnded(ended);
      }
    });
    next.on('error', (error) => log.warn({ error: loggable(error) }, 'change feed lost'));
    next.on('end', () => {
      if (live) reconnect();
    });
    await next.connect();
    await next.query(`LISTEN ${CHANNEL}`);
    live = true;
    client = next;
  };

  await connect();
  return {
    follow(studioId, listener, onLost = () => undefined, onEnded = () => undefined) {
      const follower = { listener, onLost, onEnded };
      const here = followers.get(studioId) ?? new Set();
      followers.set(studioId, here.add(follower));
      return () => {
        here.delete(follower);
        if (here.size === 0 && followers.get(studioId) === here) followers.delete(studioId);
      };
    },
    async close() {
      closed = true;
      await client.end().catch(() => undefined);
    },
  };
}
