import { nowMs } from '@spalo/core/unit';
import {
  API_BASE,
  recordChoice,
  recordNames,
  recordsSchema,
  type RecordTable,
} from '@spalo/contract';
import { Router, type Request } from 'express';
import { eq } from 'drizzle-orm';
import { asWho } from '../access/as-who';
import { admit } from '../access/script';
import { calendarOf } from '../calendar/feed';
import { clients } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { sendMade } from '../http/send-made';
import { writeRecords } from './record-file';

const BASE = `${API_BASE}/files`;

/** Who asks for a file. */
const admitted = (app: App, request: Request) => admit(app, request, 'recordFile', true);

function choiceOf(request: Request) {
  const choice = recordChoice.safeParse(request.query);
  if (choice.success) return choice.data;
  throw new Refusal(
    'invalid-input',
    undefined,
    choice.error.issues.map(({ path, message }) => ({
      path: ['query', ...path].join('.'),
      message,
    })),
  );
}

/** The studio's records as files: tables as CSV, all of it as JSON, the calendar as ICS. */
export function recordsRouter(app: App): Router {
  const router = Router();

  // What a file looks like is no secret.
  router.get(`${BASE}/records.schema.json`, (_request, response) => {
    response.type('application/schema+json').send(JSON.stringify(recordsSchema(), null, 2));
  });

  router.get(`${BASE}/calendar.ics`, async (request, response) => {
    const who = await admitted(app, request);
    const text = await asWho(app.database, who, (db) => calendarOf(db, who, nowMs()));
    response.set('Cache-Control', 'no-store').type('text/calendar; charset=utf-8').send(text);
  });

  router.get(`${BASE}/:name`, async (request, response) => {
    const who = await admitted(app, request);
    const [what, kind, ...more] = String(request.params.name).split('.');
    const isTable = kind === 'csv' && recordNames.includes(what as RecordTable);
    if (more.length > 0 || !(isTable || (what === 'records' && kind === 'json'))) {
      throw new Refusal('not-found', 'No such file');
    }
    const choice = choiceOf(request);
    const wanted = choice.client;
    if (wanted) {
      const known = await asWho(app.database, who, (db) =>
        db.select({ id: clients.id }).from(clients).where(eq(clients.studioId, who.studioId)),
      );
      const ids = new Set(known.map(({ id }) => id));
      if (wanted.some((id) => !ids.has(id))) throw new Refusal('not-found', 'No such client');
    }
    const { from, to } = choice;
    const type = isTable ? 'text/csv; charset=utf-8' : 'application/json; charset=utf-8';
    await sendMade(response, app, { name: `spalo-${what}.${kind}`, type }, (file) =>
      writeRecords(
        app.database,
        who,
        what as RecordTable | 'records',
        { clientIds: wanted, from, to },
        file,
      ),
    );
  });

  return router;
}
