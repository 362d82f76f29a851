import type { Client } from '@spalo/contract';
import { flagsRaised } from '@spalo/core/floor';
import type { LiftPlan, SessionState } from '@spalo/core/session';
import { flagChange } from '../../parts/client/put-flag';
import type { FloorActions } from '../../parts/lane/actions/floor-actions';
import { painWords } from '../../parts/words/pain-words';
import { offerBack } from '../../state/changes/take-back';
import { authorFor, journal } from '../../state/device';
import { newId } from '../../state/log/ids';
import { takenOf, type WrapUpCard } from './wrap-up-cards';

/**
 * Raises the flags that what was felt asks for, keeps what was decided for each lift with them, and ends the session: all in
 * one write, so that nothing is ever decided without what binds it.
 */
export async function finishSession(
  session: SessionState,
  client: Client,
  cards: readonly WrapUpCard[],
  chosen: Record<string, LiftPlan>,
  { trainerId, actions }: { trainerId: string; actions: Pick<FloorActions, 'reopen'> },
): Promise<void> {
  const batch = journal.batch(authorFor(trainerId));
  const about = { stream: 'session', streamId: session.id } as const;
  for (const { flag, report } of flagsRaised(session, client.flags)) {
    const note = flag.note || `${painWords(report)}; felt in a session`;
    batch.change(flagChange(client.id, { ...flag, id: flag.id ?? newId(), note }));
  }
  for (const card of cards) {
    const { view, decision } = card;
    const taken = takenOf(card, chosen);
    const answer = {
      liftId: view.lift.id,
      proposed: decision.proposed,
      chosen: taken,
      accepted: taken === decision.proposed,
      why: decision.why,
      reason: null,
    };
    batch.append({ ...about, type: 'suggestion.answered', payload: answer });
  }
  batch.append({ ...about, type: 'session.finished', payload: {} });
  await batch.keep();
  offerBack({ says: `Session of ${client.name} finished`, back: () => actions.reopen() });
}
