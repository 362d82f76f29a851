import type { EventPayloads, EventType } from '@spalo/core';

/** Adds an event to the session at hand; answers its id once the device has stored it. */
export type Append = <T extends EventType>(type: T, payload: EventPayloads[T]) => Promise<string>;
