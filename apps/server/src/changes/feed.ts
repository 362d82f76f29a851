import type { StreamMessage } from '@spalo/contract';
import pg from 'pg';
import type { Logger } from 'pino';
import type { ChangeFeed } from '../http/app';
import { loggable } from '../db/errors';
import { CHANNEL } from './announce';

const RECONNECT_MS = 1000;

type Listener = (message: StreamMessage) => void;

/** Listens on a connection of its own, and again whenever that connection is lost. */
export async function openChangeFeed(url: string, log: Logger): Promise<ChangeFeed> {
  const listeners = new Map<string, Set<Listener>>();
  const lost = new Set<() => void>();
  let client: pg.Client;
  let closed = false;

  /** One attempt at a time, until it succeeds. Then whoever followed has missed what happened meanwhile. */
  const reconnect = () => {
    if (closed) return;
    setTimeout(() => {
      connect().then(
        () => [...lost].forEach((each) => each()),
        () => reconnect(),
      );
    }, RECONNECT_MS).unref();
  };

  const connect = async () => {
    const next = new pg.Client({ connectionString: url });
    let live = false;
    next.on('notification', ({ payload }) => {
      const { studioId, messages } = JSON.parse(payload ?? '{}') as {
        studioId: string;
        messages: StreamMessage[];
      };
      for (const listener of listeners.get(studioId) ?? []) messages.forEach(listener);
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
    follow(studioId, listener, onLost = () => undefined) {
      lost.add(onLost);
      const followers = listeners.get(studioId) ?? new Set();
      listeners.set(studioId, followers.add(listener));
      return () => {
        lost.delete(onLost);
        followers.delete(listener);
        if (followers.size === 0) listeners.delete(studioId);
      };
    },
    async close() {
      closed = true;
      await client.end().catch(() => undefined);
    },
  };
}
