import { timeOfId } from '@spalo/core/log';
import { nowMs } from '@spalo/core/unit';
import { v7 } from 'uuid';

/**
 * A UUIDv7 that sorts after `after` (a UUIDv7 or empty), even when the device's clock has gone back since:
 * what is made later must be later in the log.
 */
export function orderedId(atMs: number, after: string): string {
  const id = v7({ msecs: atMs });
  if (id > after) return id;
  return v7({ msecs: timeOfId(after) + 1 });
}

/** A new id for anything made on the device. */
export const newId = (): string => v7({ msecs: nowMs() });
