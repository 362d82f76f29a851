import { lessonHere, loadLesson } from '@spalo/catalog/lessons';
import type { Lesson } from '@spalo/catalog';
import { useEffect, useState } from 'react';
import { useTeaching } from '../../state/use-teaching';

/** A lesson as it is brought: undefined until it is here; `failed` where it could not be brought. */
export interface BroughtLesson {
  lesson: Lesson | undefined;
  failed: boolean;
  again: () => void;
}

/** The whole lesson of a lift, brought when it is looked at. One that is here already is there at once. */
export function useLesson(liftId: string): BroughtLesson {
  useTeaching();
  const [tries, setTries] = useState(0);
  const [brought, setBrought] = useState<{ liftId: string; failed: boolean } | null>(null);
  useEffect(() => {
    let left = false;
    const tell = (failed: boolean) => () => {
      if (!left) setBrought({ liftId, failed });
    };
    if (!lessonHere(liftId)) loadLesson(liftId).then(tell(false), tell(true));
    return () => {
      left = true;
    };
  }, [liftId, tries]);
  return {
    lesson: lessonHere(liftId),
    failed: brought?.liftId === liftId && brought.failed,
    again: () => setTries(tries + 1),
  };
}
