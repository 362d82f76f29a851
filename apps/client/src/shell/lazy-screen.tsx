import { lazy, Suspense, type ComponentType } from 'react';
import { LoadingState } from '@/design/States';

/**
 * A screen that is fetched when it is first opened, so that the first load stays small. The service worker keeps all
 * chunks: without network it opens as well. `what` is said while it comes.
 */
export function lazyScreen<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  what: string,
): ComponentType<Props> {
  const Screen = lazy(async () => ({ default: (await load()) as ComponentType<object> }));
  return function LazyScreen(props) {
    return (
      <Suspense fallback={<LoadingState what={what} />}>
        <Screen {...props} />
      </Suspense>
    );
  };
}
