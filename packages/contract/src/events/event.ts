import { ofThisVersion, type EventPayloads, type EventType, type LogEvent } from '@spalo/core';
import { z } from 'zod';
import { instant, line, uuid } from '../primitives/values';
import { cuePayloads } from './cue';
import { liftPayloads } from './lift';
import { notePayloads } from './note';
import { painPayloads } from './pain';
import { planPayloads } from './plan';
import { sessionPayloads } from './session';
import { setPayloads } from './set';
import { warmUpPayloads } from './warm-up';

/** The payload schema of every event of a session. A new event is a row here and a file beside. */
const payloads: { [T in EventType]: z.ZodType<EventPayloads[T]> } = {
  ...sessionPayloads,
  ...liftPayloads,
  ...setPayloads,
  ...warmUpPayloads,
  ...painPayloads,
  ...planPayloads,
  ...cuePayloads,
  ...notePayloads,
};

/** Payload schemas by stream: another stream is another row. */
const streams: Record<string, Record<string, z.ZodType>> = { session: payloads };

const envelope = {
  id: z.uuidv7('Event ids are UUIDs of version 7'),
  stream: line(40),
  streamId: uuid,
  at: instant,
  author: uuid,
  device: uuid,
};

/** An entry of any log as it is read: of whatever stream and type, also of ones that only later versions know. */
export const storedEvent = z.object({ ...envelope, type: line(60), payload: z.unknown() });

const variants = Object.entries(streams).flatMap(([stream, types]) =>
  Object.entries(types).map(([type, payload]) =>
    z.object({ ...envelope, stream: z.literal(stream), type: z.literal(type), payload }),
  ),
);

const asStream = (input: unknown): unknown =>
  typeof input === 'object' && input !== null ? ofThisVersion(input) : input;

/** One entry of a log as it is written: its stream, its type and its payload are known to this version. */
// Callers send events; what comes in from elsewhere is anything.
export const logEvent = z.preprocess(
  asStream,
  z.discriminatedUnion('type', variants as [(typeof variants)[number], ...typeof variants]),
) as unknown as z.ZodType<LogEvent, LogEvent>;

export const eventTypes = Object.keys(payloads) as EventType[];
