import type { Flag } from '@spalo/core/person';
import { nowIso } from '@spalo/core/unit';
import { factsOf, type IntakeOutput } from '../../parts/client-form/client-form';
import type { IntakeDraft } from '../../parts/client-form/intake-drafts';
import { journal } from '../../state/device';
import { newId } from '../../state/log/ids';

/** Health answers as the server keeps them; at intake no doctor has cleared anything yet. */
const uncleared = (answers: IntakeDraft['answers']) =>
  Object.fromEntries(
    Object.entries(answers).map(([id, answer]) => [
      id,
      { ...answer, clearedBy: '', clearedOn: null },
    ]),
  );

/** Keeps what an intake told as changes to send: the client, their body, health answers and flags. */
export async function addClient(
  id: string,
  filled: IntakeOutput,
  { answers, flags }: { answers: IntakeDraft['answers']; flags: readonly Flag[] },
): Promise<void> {
  const params = { id };
  const { facts, measured } = factsOf(filled, null, nowIso());
  await journal.change({ route: 'putClient', args: { params, body: facts } });
  await journal.change({
    route: 'putMeasurement',
    args: { params: { id, measurementId: newId() }, body: measured },
  });
  if (filled.consent && Object.keys(answers).length > 0) {
    await journal.change({
      route: 'putScreening',
      args: { params, body: { answers: uncleared(answers) } },
    });
  }
  for (const { id: flagId, ...body } of flags) {
    await journal.change({ route: 'putFlag', args: { params: { id, flagId }, body } });
  }
}
