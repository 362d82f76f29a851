import { lazy, Suspense, type ComponentProps } from 'react';
import type { BookingSheet } from './BookingSheet';

const Fetched = lazy(async () => ({ default: (await import('./BookingSheet')).BookingSheet }));

/** Books a client, or shows a booking with all that can be done with it; fetched when it is first asked for. */
export const BookSheet = (props: ComponentProps<typeof BookingSheet>) => (
  <Suspense fallback={null}>
    <Fetched {...props} />
  </Suspense>
);
