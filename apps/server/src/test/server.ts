import { emptyRoom } from '@spalo/core/room';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import request from 'supertest';
import { v7 } from 'uuid';
import { config } from '../app/config';
import { byOurClock } from '../db/database';
import { migrateDatabase } from '../db/migrate';
import { serve, type Running } from '../app/serve';

const here = __dirname;
const urls = JSON.parse(
  readFileSync(path.resolve(here, '../../../../.data/test-cluster.json'), 'utf8'),
) as { ownerUrl: string; appUrl: string };

/** A database of its own with the newest schema, and servers on it. */
export interface TestServer {
  running: Running;
  ownerUrl: string;
  /** Another instance on the same database. */
  another(): Promise<Running>;
  /** Runs SQL with the owner's rights, past row-level security. */
  sql<T extends pg.QueryResultRow>(text: string, values?: unknown[]): Promise<T[]>;
  close(): Promise<void>;
}

export async function testServer(
  env: Record<string, string> = {},
  /** What fills the empty database before it is migrated. */
  restore: (owner: pg.Client) => Promise<unknown> = async () => undefined,
): Promise<TestServer> {
  const name = `t_${randomUUID().replaceAll('-', '')}`;
  const inDatabase = (url: string) => url.replace(/\/postgres$/, `/${name}`);
  const admin = new pg.Client({ connectionString: urls.ownerUrl });
  await admin.connect();
  await admin.query(`CREATE DATABASE ${name}`);
  await admin.end();
  const ownerUrl = inDatabase(urls.ownerUrl);
  const appUrl = inDatabase(urls.appUrl);
  const owner = new pg.Client({ connectionString: ownerUrl, ...byOurClock() });
  await owner.connect();
  await restore(owner);
  await migrateDatabase(ownerUrl, appUrl, path.resolve(here, '../../drizzle'));
  const settings = config.parse({
    PORT: '0',
    APP_DATABASE_URL: appUrl,
    LOG_LEVEL: 'silent',
    SPALO_CHECK_ANSWERS: '1',
    ...env,
  });
  const started: Running[] = [];
  const start = async () => {
    const running = await serve(settings);
    started.push(running);
    return running;
  };
  return {
    running: await start(),
    ownerUrl,
    another: start,
    sql: async (text, values) => (await owner.query(text, values)).rows as never,
    async close() {
      await Promise.all(started.map((running) => running.close()));
      await owner.end();
    },
  };
}

export type Agent = ReturnType<typeof request.agent>;

/** A device: keeps its cookie, sends Spalo's header. */
export function device(running: Running): Agent {
  return request.agent(running.address).set('X-Spalo', '1');
}

let studios = 0;

/** A studio with its owner signed in. Past the first one studios are made behind the API's back, as it makes only one. */
export async function newStudio(
  server: TestServer,
): Promise<{ agent: Agent; studioId: string; trainerId: string; email: string }> {
  studios += 1;
  const email = `owner${studios}-${randomUUID().slice(0, 8)}@example.invalid`;
  const agent = device(server.running);
  const body = {
    studioName: `Studio ${studios}`,
    unit: 'kg',
    zone: 'UTC',
    name: 'Owner',
    email,
    password: 'a long enough password',
  };
  // The API makes a first studio only; hiding those that are there lets it make another.
  await server.sql(
    'CREATE OR REPLACE FUNCTION any_studio() RETURNS boolean LANGUAGE sql AS $$ SELECT false $$',
  );
  const answer = await agent.post('/api/v1/setup/studio').send(body).expect(200);
  await server.sql(
    'CREATE OR REPLACE FUNCTION any_studio() RETURNS boolean LANGUAGE sql SECURITY DEFINER AS $$ SELECT EXISTS (SELECT 1 FROM studios WHERE NOT is_demo) $$',
  );
  return { agent, studioId: answer.body.studio.id, trainerId: answer.body.trainer.id, email };
}

/** A trainer whom an owner invites, and who takes the invitation up on a device of their own. */
export async function addColleague(
  running: Running,
  owner: Agent,
  change: { name?: string; email?: string; role?: string } = {},
): Promise<{ agent: Agent; id: string; email: string; password: string }> {
  const body = { name: 'Col', email: `col-${randomUUID()}@example.invalid`, role: 'trainer' };
  const { trainer, link } = (
    await owner
      .post('/api/v1/trainers')
      .send({ ...body, ...change })
      .expect(200)
  ).body;
  const agent = device(running);
  const password = 'another long one';
  await agent.post('/api/v1/links/use').send({ token: link.token, password }).expect(200);
  return { agent, id: trainer.id, email: trainer.email, password };
}

export const clientBody = {
  name: 'Some One',
  calledName: '',
  bodyMassG: 70_000,
  sex: 'unsaid',
  trainingMonths: 6,
  birthDate: '1990-05-01',
  heightMm: null,
  phone: '',
  email: '',
  nervous: false,
  preference: 'none',
  goal: '',
  availability: '',
  brief: '',
  emergencyContact: '',
  consentAt: null,
  filmConsentAt: null,
  touchConsentAt: null,
  guardian: '',
  guardianConsentAt: null,
  askedAgainAt: null,
  squatLook: null,
  stiff: [],
  segments: null,
  reports: [],
  programme: [],
  overrides: [],
  archivedAt: null,
};

export const flagBody = {
  place: 'knee',
  side: 'left',
  note: 'stairs',
  fine: '',
  since: null,
  saidBy: '',
  state: 'new',
  usualPain: 1,
};

export const answerBody = { yes: true, note: '', clearedBy: '', clearedOn: null };

/** Adds a client with these facts. Answers the id. */
export async function addClient(agent: Agent, change: object = {}): Promise<string> {
  const id = v7();
  await agent
    .put(`/api/v1/clients/${id}`)
    .send({ ...clientBody, ...change })
    .expect(200);
  return id;
}

/** A room's equipment with next to nothing in it. */
const { id: _id, ...shed } = emptyRoom('', 'Shed');
export const roomBody = shed;
