import { API_BASE, problems } from '@spalo/contract/operations';
import { ApiProblem, Unreachable } from './call';

/** How much of a file has come, bytes; `whole` is null where the server did not say. */
export interface Come {
  come: number;
  whole: number | null;
}

/** Fetches a file of the API and hears how far it is. Throws as `call` does. */
export async function fetchFile(path: string, onCome: (so: Come) => void): Promise<Blob> {
  let response: Response;
  try {
    response = await fetch(API_BASE + path, {
      credentials: 'same-origin',
      headers: { 'X-Spalo': '1' },
    });
  } catch {
    throw new Unreachable();
  }
  if (!response.ok || !response.body) {
    const { title } = problems['server-error'];
    const problem = await response.json().catch(() => ({ type: 'about:blank', title }));
    throw new ApiProblem({ ...problem, status: response.status });
  }
  const length = Number(response.headers.get('Content-Length'));
  // What was packed on the way is longer once it is here.
  const isPacked = response.headers.has('Content-Encoding');
  const whole = length > 0 && !isPacked ? length : null;
  const reader = response.body.getReader();
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let come = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    parts.push(value);
    come += value.length;
    onCome({ come, whole });
  }
  return new Blob(parts, { type: response.headers.get('Content-Type') ?? '' });
}

/** Sends a file to the API and hears how far it is (0 to 1). Throws as `call` does. */
export const sendFile = (
  path: string,
  file: Blob,
  onShare: (share: number) => void,
  headers: Readonly<Record<string, string>> = {},
): Promise<unknown> =>
  new Promise((resolve, reject) => {
    // Only this way says how far what is sent has come.
    const request = new XMLHttpRequest();
    request.open('POST', API_BASE + path);
    request.setRequestHeader('X-Spalo', '1');
    for (const [name, value] of Object.entries(headers)) request.setRequestHeader(name, value);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.responseType = 'json';
    request.upload.onprogress = ({ loaded, total }) => onShare(total > 0 ? loaded / total : 0);
    request.onerror = () => reject(new Unreachable());
    request.onload = () =>
      request.status === 200
        ? resolve(request.response)
        : reject(
            new ApiProblem(request.response ?? { title: 'It failed', status: request.status }),
          );
    request.send(file);
  });
