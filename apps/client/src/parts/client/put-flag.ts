import type { Flag, Pain } from '@spalo/core';
import { journal } from '../../state/device';

/** Keeps a flag of a client; on the device until the server has it. */
export const putFlag = (clientId: string, { id, ...body }: Flag) =>
  journal.change({ route: 'putFlag', args: { params: { id: clientId, flagId: id }, body } });

const ON_FLOOR = 'reported on the floor';

/** The red flag that a report on the floor raises: nothing loaded until a clinician has cleared it. */
export const redFlagOf = (
  id: string,
  place: Flag['place'],
  pain: Pain,
  { liftName, day }: { liftName: string; day: string },
): Flag => ({
  id,
  place,
  side: pain.side,
  note: `${pain.kind === 'ache' ? 'pain' : pain.kind} ${pain.score} of 10 during ${liftName}`,
  fine: '',
  since: day,
  saidBy: ON_FLOOR,
  state: 'new',
  usualPain: 0,
});

/** The same flag after the report that raised it was taken back, or stands again. */
export const flagAfter = (flag: Flag, withdrawn: boolean): Flag =>
  withdrawn
    ? { ...flag, state: 'closed', saidBy: 'a wrong tap' }
    : { ...flag, state: 'new', saidBy: ON_FLOOR };
