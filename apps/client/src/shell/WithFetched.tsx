import { IsRestoringProvider, QueryClientProvider } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { takeOverOneText } from '../state/fetched/device-records';
import { kept, queryClient, sayNotKept } from '../state/query-client';

/** What is below it is drawn from what the device kept, once that is read, and then from what the server says. */
export function WithFetched({ children }: { children: ReactNode }) {
  const [isRestoring, setRestoring] = useState(true);
  useEffect(() => {
    let isLeft = false;
    let stop: (() => void) | undefined;
    const start = async () => {
      await takeOverOneText().catch(sayNotKept);
      const stopKeeping = await kept.restore();
      if (isLeft) return stopKeeping();
      stop = stopKeeping;
      setRestoring(false);
      // What was kept may be older than what this device has sent since: show it, and fetch anew.
      await queryClient.invalidateQueries();
    };
    void start();
    return () => {
      isLeft = true;
      stop?.();
    };
  }, []);
  return (
    <QueryClientProvider client={queryClient}>
      <IsRestoringProvider value={isRestoring}>{children}</IsRestoringProvider>
    </QueryClientProvider>
  );
}
