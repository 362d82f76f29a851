import { lazy, Suspense } from 'react';

/** How long a session takes is worked out in a chunk of its own, fetched once a lane stands. */
const load = () => import('./TimeLeft');
const Left = lazy(async () => ({ default: (await load()).TimeLeft }));
const Late = lazy(async () => ({ default: (await load()).EndsLate }));

export const LaterTimeLeft = () => (
  <Suspense>
    <Left />
  </Suspense>
);

export const LaterEndsLate = () => (
  <Suspense>
    <Late />
  </Suspense>
);
