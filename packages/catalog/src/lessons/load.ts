import type { OwnLift } from '@spalo/core/technique';
import { loaders } from '../made/loaders';
import type { Lesson } from '../schema/lesson';
import { teachingHere } from '../studio/here';
import { ownLesson } from '../studio/own-lift';

const loading = new Map<string, Promise<Lesson>>();
const loaded = new Map<string, Lesson>();

const made = new WeakMap<OwnLift, Lesson>();

/** A lesson as it is taught here: with what the studio added, hid and wrote. */
function asTaughtHere(liftId: string, lesson: Lesson): Lesson {
  const own = teachingHere().own.get(liftId);
  if (!own) return lesson;
  const known = made.get(own) ?? ownLesson(own, lesson);
  made.set(own, known);
  return known;
}

/** The lift of the catalogue whose lesson a lift's is made from. */
const sourceOf = (liftId: string) => teachingHere().own.get(liftId)?.added?.like ?? liftId;

/** A lesson that was loaded before; undefined until `loadLesson` has brought it. */
export function lessonHere(liftId: string): Lesson | undefined {
  const lesson = loaded.get(sourceOf(liftId));
  return lesson && asTaughtHere(liftId, lesson);
}

/** The whole lesson of a lift, fetched once. Rejects where it cannot be fetched, and for a lift that is not taught. */
export const loadLesson = async (liftId: string): Promise<Lesson> =>
  asTaughtHere(liftId, await loadSource(sourceOf(liftId)));

function loadSource(liftId: string): Promise<Lesson> {
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
