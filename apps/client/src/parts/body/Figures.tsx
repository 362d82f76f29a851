import { lazy, Suspense, type ComponentProps } from 'react';
import { LoadingState } from '../../design/States';
import type * as figures from './figures';

const load = () => import('./figures');
const Body = lazy(async () => ({ default: (await load()).ForThisBody }));
const OfStyle = lazy(async () => ({ default: (await load()).StyleFigure }));
const OfStyles = lazy(async () => ({ default: (await load()).StylesForBody }));

const coming = <LoadingState what="the figure" />;

/** What a set-up should look like for a client, once it is fetched. */
export const ForThisBody = (props: ComponentProps<typeof figures.ForThisBody>) => (
  <Suspense fallback={coming}>
    <Body {...props} />
  </Suspense>
);

/** A style's set-up, drawn, once it is fetched. */
export const StyleFigure = (props: ComponentProps<typeof figures.StyleFigure>) => (
  <Suspense fallback={coming}>
    <OfStyle {...props} />
  </Suspense>
);

/** What a lift's styles come to for a body, once it is fetched. */
export const StylesForBody = (props: ComponentProps<typeof figures.StylesForBody>) => (
  <Suspense fallback={null}>
    <OfStyles {...props} />
  </Suspense>
);
