import { API_BASE, FILM_PIECE_BYTES } from '@spalo/contract/operations';
import { ApiProblem, call, sendBytes } from '../../api/call';
import { journal } from '../device';
import { waitingEntries } from '../log/entries';
import { putFile, setWay, waitingFiles, type HeldFile } from './film-files';

/** Sends the rest of one file, piece by piece, from where the studio's copy ends. Throws where the network is away. */
async function sendFile(id: string, file: HeldFile): Promise<void> {
  const { clientId, sessionId, kind, type, blob } = file;
  const body = { clientId, sessionId, kind, type, bytes: blob.size };
  let { received } = await call('putFilm', { params: { id }, body });
  while (received < blob.size) {
    setWay(id, { received });
    const piece = blob.slice(received, received + FILM_PIECE_BYTES);
    const answer = await sendBytes(`${API_BASE}/films/${id}/bytes/${received}`, piece);
    received = answer.received;
  }
  await putFile(id, { ...file, sent: true });
}

let sending = false;

/** Sends what the trainer lets go and the studio does not have yet, once the sessions that it belongs to are sent. */
export async function sendFilms(): Promise<void> {
  if (sending || waitingEntries(journal.state.getState()).length > 0) return;
  sending = true;
  try {
    for (const [id, file] of await waitingFiles()) {
      try {
        await sendFile(id, file);
      } catch (error) {
        // What the studio refuses stays on the device, and says why; for want of network it is tried again.
        if (!(error instanceof ApiProblem)) break;
        await putFile(id, { ...file, refusal: error.message });
      }
    }
  } finally {
    sending = false;
  }
}
