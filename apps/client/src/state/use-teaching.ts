import type { OwnLift } from '@spalo/core/technique';
import { createContext, useContext } from 'react';

/** What the studio teaches of its own, below the shell, which learns it. */
export const TeachingContext = createContext<readonly OwnLift[]>([]);

/** What the studio teaches of its own. Whoever draws lifts, lessons or cues asks for it, so that a change of it is drawn. */
export const useTeaching = (): readonly OwnLift[] => useContext(TeachingContext);
