import { lazy, Suspense, type ComponentProps } from 'react';
import type { Estimate } from './Estimate';

const Fetched = lazy(async () => ({ default: (await import('./Estimate')).Estimate }));

/** Why a load is what it is, set by set; fetched when it is first asked for. */
export const EstimateSheet = (props: ComponentProps<typeof Estimate>) => (
  <Suspense fallback={null}>
    <Fetched {...props} />
  </Suspense>
);
