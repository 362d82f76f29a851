import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { ListDetail } from '@/shell/ListDetail';

const LiftList = lazyScreen(async () => (await import('@/shell/desk')).LiftList, 'the lifts');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function LiftsLayout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  const path = usePathname();
  return (
    <ListDetail
      list={<LiftList chosen={path === '/lifts' ? null : (id ?? null)} />}
      detail={<Slot />}
      showDetail={path !== '/lifts'}
    />
  );
}
