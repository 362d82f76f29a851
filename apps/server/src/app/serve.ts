import { rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import type { App } from '../http/app';
import type { Config } from './config';
import { openDatabase } from '../db/database';
import { isDatabaseAway } from '../db/errors';
import { makeServer } from './compose';
import { openChangeFeed } from '../changes/feed';
import { emptyScratch } from '../http/scratch';
import { pruneAccess } from '../access/prune';
import { newSetupCode } from '../access/setup-code';

/** A server that listens. */
export interface Running {
  address: string;
  app: App;
  /** Lets open requests finish, ends streams, and closes the database. */
  close(): Promise<void>;
}

function listen(server: Server, port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });
}

const WAIT_MS = 1000;
const WAITS = 60;

/** Waits for the database, which may start later than the server; gives up after a minute. */
async function onceThere<T>(work: () => Promise<T>, log: Logger): Promise<T> {
  for (let wait = 1; ; wait += 1) {
    try {
      return await work();
    } catch (error) {
      if (!isDatabaseAway(error) || wait > WAITS) throw error;
      if (wait === 1) log.warn('waiting for the database');
      await new Promise((resolve) => setTimeout(resolve, WAIT_MS));
    }
  }
}

/** Starts one server; any number may run on the same database. */
export async function serve(settings: Config): Promise<Running> {
  const log = pino({ level: settings.logLevel });
  const database = openDatabase(settings.appUrl);
  const feed = await onceThere(() => openChangeFeed(settings.appUrl, log), log);
  const {
    scratch,
    erasedFile,
    demo,
    gallery,
    secureCookies,
    origins,
    trustedProxies,
    checkAnswers,
  } = settings;
  emptyScratch(scratch);
  const app: App = {
    setupCode: newSetupCode(),
    bringingIn: { share: null },
    scratch,
    erasedFile,
    database,
    feed,
    log,
    demo,
    gallery,
    secureCookies,
    origins,
    trustedProxies,
    checkAnswers,
  };
  const server = createServer(makeServer(app, settings.clientDir));
  try {
    await listen(server, settings.port, settings.host);
  } catch (error) {
    await feed.close();
    await database.close();
    throw error;
  }
  const pruning = pruneAccess(database, log);
  const { port } = server.address() as AddressInfo;
  return {
    address: `http://${settings.host === '127.0.0.1' ? 'localhost' : settings.host}:${port}`,
    app,
    async close() {
      pruning.stop();
      const closed = new Promise((resolve) => server.close(resolve));
      server.closeIdleConnections();
      // Event streams never finish by themselves.
      setTimeout(() => server.closeAllConnections(), 2000).unref();
      await closed;
      await feed.close();
      await database.close();
      rmSync(scratch, { recursive: true, force: true });
    },
  };
}
