import type { SessionPayloads } from '@spalo/core/session';
import { dayForms } from '@spalo/core/strength';
import { z } from 'zod';
import { blockDay } from '../primitives/block';
import { plannedLift } from '../primitives/plan';
import { same } from '../primitives/same';
import { unit, uuid } from '../primitives/values';
import { generalSteps } from '../primitives/warm-up';

export const sessionPayloads = {
  'session.started': same<SessionPayloads['session.started']>()(
    z.object({
      clientId: uuid,
      bookingId: uuid.nullable(),
      roomId: uuid,
      unit,
      lifts: z.array(plannedLift).max(20),
      general: generalSteps.optional(),
      block: blockDay.optional(),
    }),
  ),
  'session.finished': same<SessionPayloads['session.finished']>()(z.strictObject({})),
  'session.reopened': same<SessionPayloads['session.reopened']>()(z.strictObject({})),
  'session.handed-over': same<SessionPayloads['session.handed-over']>()(
    z.object({ trainerId: uuid }),
  ),
  'client.checked-in': same<SessionPayloads['client.checked-in']>()(
    z.object({ dayForm: z.enum(dayForms) }),
  ),
};
