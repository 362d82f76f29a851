import { useQuery } from '@tanstack/react-query';
import { call } from '../../api/call';
import { queryClient } from '../query-client';

/** The files of sets that were brought in, the latest first. */
export const useImports = () =>
  useQuery({
    queryKey: ['imports'],
    queryFn: async () => (await call('imports', {})).imports,
  });

/** Fetches what an import has changed. */
export async function fetchImports(): Promise<void> {
  for (const key of ['imports', 'clients', 'imported-sets', 'evidence']) {
    await queryClient.invalidateQueries({ queryKey: [key] });
  }
}

/** Takes an import back with all that it brought. */
export async function takeImportBack(id: string): Promise<void> {
  await call('deleteImport', { params: { id } });
  await fetchImports();
}
