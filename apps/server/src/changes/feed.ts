import type { StreamMessage } from '@spalo/contract';
import pg from 'pg';
import type { Logger } from 'pino';
import type { ChangeFeed } from '../http/app';
import { CHANNEL } from './announce';

const RECONNECT_MS = 1000;

type Listener = (message: StreamMessage) => void;

/** Listens on a connection of its own, and again whenever that connection is lost. */
export async function openChangeFeed(url: string, log: Logger): Promise<ChangeFeed> {
  const listeners = new Map<string, Set<Listener>>();
  let client: pg.Client;
  let closed = false;

  const connect = async () => {
    client = new pg.Client({ connectionString: url });
    client.on('notification', ({ payload }) => {
      const { studioId, messages } = JSON.parse(payload ?? '{}') as {
        studioId: string;
        messages: StreamMessage[];
      };
      for (const listener of listeners.get(studioId) ?? []) messages.forEach(listener);
    });
    client.on('error', (error) => {
      log.warn({ error: error.message }, 'change feed lost its connection');
      if (!closed) setTimeout(() => void reconnect(), RECONNECT_MS).unref();
    });
    await client.connect();
    await client.query(`LISTEN ${CHANNEL}`);
  };
  const reconnect = async () => {
    try {
      await connect();
    } catch {
      if (!closed) setTimeout(() => void reconnect(), RECONNECT_MS).unref();
    }
  };

  await connect();
  return {
    follow(studioId, listener) {
      const followers = listeners.get(studioId) ?? new Set();
      listeners.set(studioId, followers.add(listener));
      return () => {
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
