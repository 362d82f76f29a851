import type { Lesson } from '@spalo/catalog';
import { cleanInARow } from '@spalo/core/insight';
import { memoryOf, type ClientHistory } from '@spalo/core/memory';

type Rung = Lesson['ladder'][number];

/** Where a client stands on a lift's ladder. */
export interface LadderStanding {
  rung: Rung;
  /** Sessions in a row, latest first, with a set of the asked clean reps; and how many it takes. */
  clean: { sessions: number; of: number; reps: number };
  /** The asked sessions are all there. */
  met: boolean;
  /** The rung after this one, where it is a lift. */
  next: (Rung & { liftId: string }) | null;
}

const isLift = (rung: Rung): rung is Rung & { liftId: string } => rung.liftId !== null;

/** How far a client is from the next rung of a lift's ladder, by real sets; null where only words say when to move on. */
export function ladderStanding(
  lesson: Pick<Lesson, 'liftId' | 'ladder'>,
  history: Pick<ClientHistory, 'lifts'>,
): LadderStanding | null {
  const at = lesson.ladder.findIndex(({ liftId }) => liftId === lesson.liftId);
  const rung = lesson.ladder[at];
  if (!rung?.clean) return null;
  const { reps, sessions: of } = rung.clean;
  const sessions = Math.min(of, cleanInARow(memoryOf(history, lesson.liftId).marked ?? [], reps));
  const next = lesson.ladder.slice(at + 1).find(isLift) ?? null;
  return { rung, clean: { sessions, of, reps }, met: sessions >= of, next };
}
