import type { BlockEventType } from '@spalo/core/block';
import { ofThisVersion, type LogEvent, type StreamKind } from '@spalo/core/log';
import type { EventPayloads, EventType } from '@spalo/core/session';
import { z } from 'zod';
import { eventId, happenedAt, instant, line, uuid } from '../primitives/values';
import { blockPayloads } from './block';
import { cuePayloads } from './cue';
import { filmPayloads } from './film';
import { lessonPayloads } from './lesson';
import { liftPayloads } from './lift';
import { notePayloads } from './note';
import { painPayloads } from './pain';
import { planPayloads } from './plan';
import { sessionPayloads } from './session';
import { setPayloads } from './set';
import { warmUpPayloads } from './warm-up';
import { withdrawPayloads } from './withdraw';

/** The payload schema of every event of a session. A new event is a row here and a file beside. */
const payloads: { [T in EventType]: z.ZodType<EventPayloads[T]> } = {
  ...sessionPayloads,
  ...liftPayloads,
  ...setPayloads,
  ...warmUpPayloads,
  ...painPayloads,
  ...planPayloads,
  ...cuePayloads,
  ...lessonPayloads,
  ...filmPayloads,
  ...notePayloads,
  ...withdrawPayloads,
};

/** Payload schemas by stream: another stream is another row. */
const streams: Record<StreamKind, Record<string, z.ZodType>> = {
  session: payloads,
  block: blockPayloads,
};

const about = { stream: line(40), streamId: uuid, author: uuid, device: uuid };

/** An entry of any log as it is read: of whatever stream and type, also of ones that only later versions know. */
export const storedEvent = z.object({
  ...about,
  id: uuid,
  at: instant,
  type: line(60),
  payload: z.unknown(),
});

/** The entries of a stream, told apart by their types. */
function entriesOf(stream: string, types: Record<string, z.ZodType>) {
  const entries = Object.entries(types).map(([type, payload]) =>
    z.object({
      ...about,
      id: eventId,
      stream: z.literal(stream),
      type: z.literal(type),
      at: happenedAt,
      payload,
    }),
  );
  return z.discriminatedUnion('type', entries as [(typeof entries)[number], ...typeof entries]);
}

const variants = Object.entries(streams).map(([stream, types]) => entriesOf(stream, types));

/** As JSON writes it, where no number is a negative zero, and as an event of this version. */
const canonical = (input: unknown): unknown =>
  typeof input === 'object' && input !== null
    ? ofThisVersion(JSON.parse(JSON.stringify(input)) as object)
    : input;

/** One entry of a log as it is written: its stream, its type and its payload are known to this version. */
// Callers send events; what comes in from elsewhere is anything.
export const logEvent = z.preprocess(
  canonical,
  z.discriminatedUnion('stream', variants as [(typeof variants)[number], ...typeof variants]),
) as unknown as z.ZodType<LogEvent, LogEvent>;

/** Every type of entry, of whichever stream. */
export const eventTypes = [
  ...new Set([...Object.keys(payloads), ...Object.keys(blockPayloads)]),
] as (EventType | BlockEventType)[];
