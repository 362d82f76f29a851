import { lessonBreathingOut, lessonWithoutTouch, type Style } from '@spalo/catalog';
import type { Learner } from '@spalo/coaching';
import { exhales, mayBeTouched } from '@spalo/core/person';
import { nowIso } from '@spalo/core/unit';
import { useMemo } from 'react';
import { useLesson } from './use-lesson';

/** The whole style that a client is taught a lift in; undefined until its lesson is here. */
export function useStyle(
  liftId: string,
  styleId: string,
  client: Learner | undefined,
): Style | undefined {
  const { lesson } = useLesson(liftId);
  const style = lesson?.styles.find(({ id }) => id === styleId);
  const out = client !== undefined && exhales(client);
  const touch = client !== undefined && mayBeTouched(client, nowIso());
  return useMemo(() => {
    if (!style) return undefined;
    const said = out ? lessonBreathingOut(style) : style;
    return touch ? said : lessonWithoutTouch(said);
  }, [style, out, touch]);
}
