import { bodyOf, poseOf, type Built, type Pose } from '@spalo/coaching/build';
import type { Style } from '@spalo/catalog';

/** A body in a style's computed set-up; null where either is not known or it cannot be reached. */
export function computedFor(client: Built, { position }: Style): Pose | null {
  const body = bodyOf(client);
  return body && position ? poseOf(client, body, position) : null;
}
