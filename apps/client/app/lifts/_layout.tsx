import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { LiftList } from '@/features/lifts/LiftList';
import { ListDetail } from '@/shell/ListDetail';

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
