import type { Client } from '@spalo/contract';
import { flagsRaised, type LiftPlan, type SessionState } from '@spalo/core';
import { putFlag } from '../../parts/client/put-flag';
import type { FloorActions } from '../../parts/lane/actions/floor-actions';
import { painWords } from '../../parts/words/pain-words';
import { offerBack } from '../../state/changes/take-back';
import { newId } from '../../state/log/ids';
import { takenOf, type WrapUpCard } from './wrap-up-cards';

/**
 * Raises the flags that what was felt asks for, keeps what was decided for each lift with them, and ends the session. Flags
 * come first: whatever stops here, nothing is decided that they would not bind.
 */
export async function finishSession(
  session: SessionState,
  client: Client,
  cards: readonly WrapUpCard[],
  chosen: Record<string, LiftPlan>,
  actions: FloorActions,
): Promise<void> {
  for (const { flag, report } of flagsRaised(session, client.flags)) {
    const note = flag.note || `${painWords(report)}; felt in a session`;
    await putFlag(client.id, { ...flag, id: flag.id ?? newId(), note });
  }
  for (const card of cards) {
    const { view, decision } = card;
    const taken = takenOf(card, chosen);
    await actions.answer({
      liftId: view.lift.id,
      proposed: decision.proposed,
      chosen: taken,
      accepted: taken === decision.proposed,
      why: decision.why,
      reason: null,
    });
  }
  await actions.finish();
  offerBack({ says: `Session of ${client.name} finished`, back: () => actions.reopen() });
}
