import {
  clipTypes,
  MOST_CLIP_BYTES,
  MOST_CLIP_MS,
  type ClipFile,
  type ClipType,
  type SessionState,
} from '@spalo/core/session';
import { putFile } from '../../state/film/film-files';
import { lookAtFilm } from '../../state/film/ask-film';
import { newId } from '../../state/log/ids';
import { addToSession } from '../../state/past-session';

const endings: Record<string, ClipType> = {
  mp4: 'video/mp4',
  m4v: 'video/mp4',
  mov: 'video/quicktime',
  webm: 'video/webm',
};

/** What kind of film a file says it is, by its type or its name; null for what is none. */
export function clipTypeOf({ type, name }: Pick<File, 'type' | 'name'>): ClipType | null {
  const [said = ''] = type.split(';');
  return (
    clipTypes.find((each) => each === said) ??
    endings[name.split('.').at(-1)?.toLowerCase() ?? ''] ??
    null
  );
}

const megabytes = (bytes: number) => Math.round(bytes / 1_000_000);

/** What is wrong with a file before it is opened, in words; null where nothing is. */
export function wrongWith(file: Pick<File, 'type' | 'name' | 'size'>): string | null {
  if (file.size === 0) return 'This file is empty';
  if (file.size > MOST_CLIP_BYTES) {
    return `This film has ${megabytes(file.size)} MB; at most ${megabytes(MOST_CLIP_BYTES)} MB are kept. Film the set alone, or in a smaller size`;
  }
  return clipTypeOf(file) ? null : 'This file is no film: choose one that ends in mp4, mov or webm';
}

/** What is wrong with a film once its length is known, in words; null where nothing is. */
export const tooLong = (ms: number): string | null =>
  ms > MOST_CLIP_MS
    ? `This film lasts ${Math.round(ms / 1000)} seconds; at most ${MOST_CLIP_MS / 1000} are kept. Film one set`
    : null;

/** Keeps a film of a set: the file on the device, its entry in the session's log. Throws, in words, for what is no such film. */
export async function addClip(
  session: Pick<SessionState, 'id' | 'clientId'>,
  setId: string,
  trainerId: string,
  file: File,
): Promise<string> {
  const wrong = wrongWith(file);
  if (wrong) throw new Error(wrong);
  const { ms, width, height } = await lookAtFilm(file);
  const long = tooLong(ms);
  if (long) throw new Error(long);
  const clipId = newId();
  const type = clipTypeOf(file)!;
  const about: ClipFile = { type, bytes: file.size, ms, width, height };
  // A copy: what the camera hands over may be gone once its page is left.
  const blob = new Blob([await file.arrayBuffer()], { type });
  await putFile(clipId, {
    blob,
    clientId: session.clientId,
    sessionId: session.id,
    kind: 'clip',
    type,
    wanted: false,
    sent: false,
    refusal: null,
  });
  await addToSession(session.id, trainerId, 'clip.filmed', { clipId, setId, ...about });
  return clipId;
}
