import { putFile } from '../../state/film/film-files';
import { newId } from '../../state/log/ids';
import { addToSession } from '../../state/past-session';
import type { FoundClip } from '../../parts/film/find-clip';
import { paint, type Shape } from '../../parts/film/overlay';

/** Pictures are kept no larger than this, pixels of the longer side. */
const LONGEST = 1280;

/** The picture that stands now, with what is drawn over it, as a file. */
function pictured(video: HTMLVideoElement, shapes: readonly Shape[], unit: number): Promise<Blob> {
  const { videoWidth: width, videoHeight: height } = video;
  const scale = Math.min(1, LONGEST / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext('2d')!;
  context.scale(scale, scale);
  context.drawImage(video, 0, 0, width, height);
  paint(context, shapes, unit);
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The picture cannot be kept'))),
      'image/jpeg',
      0.85,
    ),
  );
}

/** Keeps the picture that stands now, with what is drawn on it and a line of text. */
export async function keepStill(
  { clip, session }: FoundClip,
  trainerId: string,
  video: HTMLVideoElement,
  shapes: readonly Shape[],
  unit: number,
  text: string,
): Promise<void> {
  const blob = await pictured(video, shapes, unit);
  const stillId = newId();
  await putFile(stillId, {
    blob,
    clientId: session.clientId,
    sessionId: session.id,
    kind: 'still',
    type: 'image/jpeg',
    // A still is small, and what the review and the client's page show: it goes by itself.
    wanted: true,
    sent: false,
    refusal: null,
  });
  const ms = Math.round(video.currentTime * 1000);
  await addToSession(session.id, trainerId, 'still.kept', {
    stillId,
    clipId: clip.id,
    ms,
    text,
    bytes: blob.size,
  });
}
