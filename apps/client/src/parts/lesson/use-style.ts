import { lessonBreathingOut, type Style } from '@spalo/catalog';
import { exhales, type Person } from '@spalo/core';
import { useMemo } from 'react';
import { useLesson } from './use-lesson';

/** The whole style that a client is taught a lift in; undefined until its lesson is here. */
export function useStyle(
  liftId: string,
  styleId: string,
  client: Pick<Person, 'cautions'> | undefined,
): Style | undefined {
  const { lesson } = useLesson(liftId);
  const style = lesson?.styles.find(({ id }) => id === styleId);
  const out = client !== undefined && exhales(client);
  return useMemo(() => (style && out ? lessonBreathingOut(style) : style), [style, out]);
}
