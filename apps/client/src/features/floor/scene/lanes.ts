import { createContext } from 'react';
import type { LaneView } from '../../../parts/lane/lane-view';

/**
 * Everyone on the floor, for what one lane shows of the others. A context, so that a change in one lane draws only
 * that part of the others anew.
 */
export const Lanes = createContext<readonly LaneView[]>([]);
