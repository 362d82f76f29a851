import type { EventPayloads, OwnRule, SchemeName } from '@spalo/core/session';
import type { DayForm } from '@spalo/core/strength';
import { flagAfter, flagChange } from '../../client/put-flag';
import type { LaneView } from '../lane-view';
import type { Append } from './append';

/** The session as a whole: notes, what was decided, its end, and what of it was a mistake. */
export const sessionActions = (append: Append) => ({
  checkIn: (dayForm: DayForm) => append('client.checked-in', { dayForm }),
  handOver: (trainerId: string) => append('session.handed-over', { trainerId }),
  addNote: (liftId: string | null, text: string) => append('note.added', { liftId, text }),
  chooseScheme: (liftId: string, scheme: SchemeName | null) =>
    append('scheme.chosen', { liftId, scheme }),
  keepRule: (liftId: string, rule: OwnRule | null) => append('rule.kept', { liftId, rule }),
  reopen: () => append('session.reopened', {}),

  /** Takes entries back, or lets them stand again; a red flag that pain raised goes and comes with it. */
  withdraw({ client }: Pick<LaneView, 'client'>, payload: EventPayloads['entries.withdrawn']) {
    append('entries.withdrawn', payload);
    const raised = client?.flags.find(({ id }) => payload.eventIds.includes(id));
    if (client && raised)
      append.change(flagChange(client.id, flagAfter(raised, payload.withdrawn)));
  },
});
