import { spawn, type ChildProcess } from 'node:child_process';
import pg from 'pg';

/** What `startCluster` answers. */
export interface Cluster {
  ownerUrl(database: string): string;
  appUrl(database: string): string;
  revive(): Promise<void>;
  crash(): Promise<void>;
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A server and its database, each of which can be struck and comes back as `npm start` brings it back. */
export class Stack {
  readonly address: string;
  private child: ChildProcess | null = null;
  private ended = false;
  readonly struck = { server: 0, database: 0, connections: 0 };

  constructor(
    private readonly cluster: Cluster,
    private readonly database: string,
    private readonly bundle: string,
    private readonly env: Record<string, string>,
    private readonly port: number,
  ) {
    this.address = `http://127.0.0.1:${port}`;
  }

  start(): void {
    this.child = spawn('node', [this.bundle, 'serve'], {
      env: { ...process.env, ...this.env, PORT: String(this.port) },
      stdio: 'ignore',
    });
    // Like whoever looks after it: one that has ended is started again.
    this.child.once('exit', () => {
      if (!this.ended) setTimeout(() => !this.ended && this.start(), 100);
    });
  }

  killServer(): void {
    this.struck.server += 1;
    this.child?.kill('SIGKILL');
  }

  async killDatabase(): Promise<void> {
    this.struck.database += 1;
    await this.cluster.crash();
    await this.revive();
  }

  /** The database starts only once the processes of the one that was killed have gone. */
  private async revive(): Promise<void> {
    for (;;) {
      try {
        await this.cluster.revive();
        return;
      } catch {
        await pause(200);
      }
    }
  }

  async cutConnections(): Promise<void> {
    this.struck.connections += 1;
    await this.sql(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
        WHERE datname = current_database() AND pid <> pg_backend_pid()`,
    ).catch(() => undefined);
  }

  /** Waits until the server and its database answer. */
  async ready(): Promise<void> {
    for (;;) {
      const answer = await fetch(`${this.address}/ready`).catch(() => null);
      if (answer?.ok) return;
      await pause(50);
    }
  }

  /** Asks the database with its owner's rights. */
  async sql<T extends pg.QueryResultRow>(text: string, values: unknown[] = []): Promise<T[]> {
    const client = new pg.Client({ connectionString: this.cluster.ownerUrl(this.database) });
    client.on('error', () => undefined);
    await client.connect();
    try {
      return (await client.query<T>(text, values)).rows;
    } finally {
      await client.end().catch(() => undefined);
    }
  }

  async stop(): Promise<void> {
    this.ended = true;
    const child = this.child;
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
  }
}
