import type { Client } from '@spalo/contract';
import type { LiftPlan, SessionState } from '@spalo/core';
import { putFlag } from '../../parts/client/put-flag';
import type { FloorActions } from '../../parts/lane/actions/floor-actions';
import { offerBack } from '../../state/changes/take-back';
import { newId } from '../../state/log/ids';
import { takenOf, type WrapUpCard } from './wrap-up-cards';

/** Keeps what was decided for each lift, raises the flags that pain asks for, and ends the session. */
export async function finishSession(
  session: SessionState,
  client: Client,
  cards: readonly WrapUpCard[],
  chosen: Record<string, LiftPlan>,
  actions: FloorActions,
): Promise<void> {
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
    if (!decision.openFlag) continue;
    await putFlag(client.id, {
      id: newId(),
      ...decision.openFlag,
      note: decision.why,
      fine: '',
      since: session.startedAt.slice(0, 10),
      saidBy: 'felt in a session',
      state: 'new',
      usualPain: 0,
    });
  }
  await actions.finish();
  offerBack({ says: `Session of ${client.name} finished`, back: () => actions.reopen() });
}
