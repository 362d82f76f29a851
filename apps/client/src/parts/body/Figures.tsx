import type { Style } from '@spalo/catalog';
import type { Built, Pose } from '@spalo/coaching/build';
import { lazy, Suspense, useEffect, useState, type ComponentProps } from 'react';
import { LoadingState } from '../../design/States';
import type { DrawnFigure } from './drawn-figure';
import type * as figures from './figures';

const load = () => import('./figures');
const Body = lazy(async () => ({ default: (await load()).ForThisBody }));
const OfStyle = lazy(async () => ({ default: (await load()).StyleFigure }));
const OfStyles = lazy(async () => ({ default: (await load()).StylesForBody }));

const coming = <LoadingState what="the figure" />;

/** A client's body in a style's computed set-up, once that is fetched; null before, and where there is none. */
export function useComputedPose(client: Built | undefined, style: Style | undefined): Pose | null {
  const [pose, setPose] = useState<Pose | null>(null);
  useEffect(() => {
    let left = false;
    if (client && style) {
      void load().then(({ computedFor }) => {
        if (!left) setPose(computedFor(client, style));
      });
    }
    return () => {
      left = true;
    };
  }, [client, style]);
  return pose;
}

/** A style's set-up as lines, once it is fetched; null before, and where none is drawn. */
export function useDrawnFigure(
  client: Built,
  style: Style | undefined,
  size: Parameters<typeof figures.drawnFigure>[2],
): DrawnFigure | null {
  const [drawn, setDrawn] = useState<DrawnFigure | null>(null);
  useEffect(() => {
    let left = false;
    if (style) {
      void load().then(({ drawnFigure }) => {
        if (!left) setDrawn(drawnFigure(client, style, size));
      });
    }
    return () => {
      left = true;
    };
  }, [client, style, size]);
  return drawn;
}

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
