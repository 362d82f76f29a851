import { joints } from '@spalo/core/lift';
import type { Flag } from '@spalo/core/person';
import { capital } from '../../design/sentence';

/** Sides of the body as they are offered. */
export const sideOptions: { value: Flag['side']; label: string }[] = [
  { value: 'left', label: 'Left' },
  { value: 'right', label: 'Right' },
  { value: 'both', label: 'Both' },
  { value: 'none', label: 'Middle' },
];

/** Places as they are offered, capitalised. */
const placeOptions = <T extends string>(places: readonly T[]) =>
  places.map((value) => ({ value, label: capital(value) }));

export const jointOptions = placeOptions(joints);
