import { createHash } from 'node:crypto';
import { teachingOf, whileTeaching } from '@spalo/catalog';
import { historyContext, shareOf } from '@spalo/coaching';
import {
  foldSession,
  foldSessions,
  HISTORY_VERSION,
  type HistoryContext,
} from '@spalo/core/memory';
import type { SessionState } from '@spalo/core/session';
import { MODEL_VERSION } from '@spalo/core/strength';
import { and, asc, eq, isNotNull } from 'drizzle-orm';
import type { StudioDb } from '../../db/database';
import { clientHistories, clients, sessions } from '../../db/schema';
import { readOwnLifts } from '../../own-lifts/teaching';
import { takeStudio } from '../take-studio';

type HistoryRow = Omit<typeof clientHistories.$inferSelect, 'studioId' | 'clientId'>;
/** What a folding makes of sessions; the rest of a row follows from it. */
type Folded = Pick<HistoryRow, 'before' | 'lastSessionId' | 'history'>;

/** What a folding rests on besides the sessions: who the client is, what the studio teaches, and how it is worked out. */
async function foldingOf(db: StudioDb, studioId: string, clientId: string) {
  const [facts] = await db
    .select()
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
  if (!facts) return null;
  const ownLifts = await readOwnLifts(db, studioId);
  const {
    bodyMassG,
    sex,
    birthDate,
    trainingMonths,
    trainingMonthsAt,
    nervous,
    reports,
    imported,
  } = facts;
  const told = [
    bodyMassG,
    sex,
    birthDate,
    trainingMonths,
    trainingMonthsAt,
    nervous,
    reports,
    imported,
  ];
  const basis = createHash('sha256')
    .update(JSON.stringify([HISTORY_VERSION, MODEL_VERSION, told, ownLifts]))
    .digest('base64url');
  return {
    basis,
    run: <T>(work: (context: HistoryContext) => T): T =>
      // The belief rests on what the client is and did; flags and cautions only bear on what is offered.
      whileTeaching(teachingOf(ownLifts), () =>
        work(historyContext({ ...facts, flags: [], cautions: [] })),
      ),
  };
}

const ofClient = (studioId: string, clientId: string) =>
  and(eq(clientHistories.studioId, studioId), eq(clientHistories.clientId, clientId));

/**
 * The history that stands, with one session that was just finished folded in: null where more than this has changed, and
 * all sessions have to be folded anew. So finishing costs the same after years as after weeks.
 */
function withLatest(
  row: HistoryRow | undefined,
  state: SessionState,
  context: HistoryContext,
): Folded | null {
  if (!row || state.finishedAt === null) return null;
  // The last session once more stands on what was before it; a newer one on all there is.
  const before = row.lastSessionId === state.id ? row.before : row.history;
  if (!before || (before.lastSessionAt ?? '') >= state.startedAt) return null;
  return { before, lastSessionId: state.id, history: foldSession(before, state, context) };
}

/** Every finished session of a client, folded from the first on; null where there is none. */
async function foldAll(
  db: StudioDb,
  studioId: string,
  clientId: string,
  run: <T>(work: (context: HistoryContext) => T) => T,
): Promise<Folded | null> {
  const rows = await db
    .select({ state: sessions.state })
    .from(sessions)
    .where(
      and(
        eq(sessions.studioId, studioId),
        eq(sessions.clientId, clientId),
        isNotNull(sessions.finishedAt),
      ),
    )
    .orderBy(asc(sessions.startedAt), asc(sessions.id));
  const { history, before, last } = run((context) =>
    foldSessions(
      rows.map(({ state }) => state),
      context,
    ),
  );
  return last && { history, before, lastSessionId: last.id };
}

/**
 * Brings what a client's finished sessions leave behind for the next one level with them. `latest` is the only session
 * that has changed since it was; without it all are folded anew.
 */
export async function projectHistory(
  db: StudioDb,
  studioId: string,
  clientId: string,
  latest?: SessionState,
): Promise<void> {
  const folding = await foldingOf(db, studioId, clientId);
  // A session whose client has not arrived is projected with them, when they do.
  if (!folding) return;
  const { basis, run } = folding;
  const known = latest
    ? await db.select().from(clientHistories).where(ofClient(studioId, clientId))
    : [];
  const standing = known.find((each) => each.basis === basis);
  const folded =
    (latest && run((context) => withLatest(standing, latest, context))) ??
    (await foldAll(db, studioId, clientId, run));
  if (!folded) {
    // The only finished session was reopened: no history, as if there had never been one.
    await db.delete(clientHistories).where(ofClient(studioId, clientId));
    return;
  }
  const { history } = folded;
  const row = {
    ...folded,
    basis,
    lastSessionAt: history.lastSessionAt,
    share: run(({ person }) => shareOf(person, history)),
  };
  await db
    .insert(clientHistories)
    .values({ studioId, clientId, ...row })
    .onConflictDoUpdate({
      target: [clientHistories.studioId, clientHistories.clientId],
      set: row,
    });
}

/**
 * Makes a client's history anew where what it rests on has changed since: a lift that the studio added or gave up bears on
 * everybody's, and is taken in by each when somebody looks at them.
 */
export async function freshenHistory(
  db: StudioDb,
  studioId: string,
  clientId: string,
): Promise<void> {
  const [standing] = await db
    .select({ basis: clientHistories.basis })
    .from(clientHistories)
    .where(ofClient(studioId, clientId));
  if (!standing) return;
  const folding = await foldingOf(db, studioId, clientId);
  if (!folding || folding.basis === standing.basis) return;
  await takeStudio(db, studioId);
  await projectHistory(db, studioId, clientId);
}
