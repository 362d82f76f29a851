import { API_BASE } from '@spalo/contract/operations';
import { useEffect } from 'react';
import { journal, sync } from './device';
import { waitingEntries } from './log/entries';
import { queryClient } from './query-client';
import { fetchedOf } from './changes/changes';

const RETRY_MS = 4000;

/** While signed in: follows the server's stream, sends what waits, and tries again until it has arrived. */
export function useSync(active: boolean): void {
  useEffect(() => {
    if (!active) return undefined;
    const catchUp = () => {
      void sync.flush().then(() => sync.pull());
    };
    const stream = new EventSource(`${API_BASE}/stream`);
    stream.onopen = catchUp;
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      void sync.hear(data).then((changed) => {
        for (const key of changed ? fetchedOf[changed] : []) {
          void queryClient.invalidateQueries({ queryKey: [key] });
        }
      });
    };
    stream.onerror = () => {
      if (sync.state.getState().connection !== 'signed out')
        sync.state.setState({ connection: 'offline' });
    };
    const unsubscribe = journal.state.subscribe((now, before) => {
      // What was stored shows first, and is sent then.
      if (now.entries !== before.entries) setTimeout(() => void sync.flush(), 0);
    });
    const back = sync.state.subscribe((now, before) => {
      if (now.connection === 'online' && before.connection === 'offline') {
        void queryClient.invalidateQueries();
      }
    });
    const timer = setInterval(() => {
      // What could not be sent waits for another try, also where the server has answered something else since.
      const waits = waitingEntries(journal.state.getState()).length > 0;
      if (waits || sync.state.getState().connection === 'offline') catchUp();
    }, RETRY_MS);
    window.addEventListener('online', catchUp);
    catchUp();
    return () => {
      stream.close();
      unsubscribe();
      back();
      clearInterval(timer);
      window.removeEventListener('online', catchUp);
    };
  }, [active]);
}
