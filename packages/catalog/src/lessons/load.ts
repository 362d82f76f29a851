import { loaders } from '../made/loaders';
import type { Lesson } from '../schema/lesson';

const loading = new Map<string, Promise<Lesson>>();
const loaded = new Map<string, Lesson>();

/** A lesson that was loaded before; undefined until `loadLesson` has brought it. */
export const lessonHere = (liftId: string): Lesson | undefined => loaded.get(liftId);

/** The whole lesson of a lift, fetched once. Rejects where it cannot be fetched, and for a lift that is not taught. */
export function loadLesson(liftId: string): Promise<Lesson> {
  const known = loading.get(liftId);
  if (known) return known;
  const load = loaders[liftId];
  if (!load) return Promise.reject(new RangeError(`No lesson for ${liftId}`));
  const lesson = load().then((found) => {
    loaded.set(liftId, found.lesson);
    return found.lesson;
  });
  loading.set(liftId, lesson);
  // What failed may succeed another time.
  lesson.catch(() => loading.delete(liftId));
  return lesson;
}
