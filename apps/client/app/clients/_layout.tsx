import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { ClientList } from '@/features/clients/ClientList';
import { ListDetail } from '@/shell/ListDetail';
import { useSignedIn } from '@/shell/use-signed-in';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function ClientsLayout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  const { studio, trainer } = useSignedIn();
  const path = usePathname();
  const chosen = path === '/clients' || path === '/clients/new' ? null : (id ?? null);
  return (
    <ListDetail
      list={<ClientList zone={studio.zone} chosen={chosen} trainerId={trainer.id} />}
      detail={<Slot />}
      showDetail={path !== '/clients'}
      alone={/\/(build|film|review)$/.test(path)}
    />
  );
}
