import type { SessionState } from '@spalo/core/session';
import { z } from 'zod';

const isSession = (value: unknown): value is SessionState =>
  typeof value === 'object' &&
  value !== null &&
  ['id', 'clientId', 'startedAt', 'finishedAt', 'lifts'].every((key) => key in value);

/** A reduced session. Its shape is core's, made by the reducer from checked events and never taken in. */
export const session = z.custom<SessionState>(isSession, 'Not a session');
