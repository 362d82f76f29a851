import { storedPath, type Followed } from '@spalo/core/session';
import { makeFilm, followed, type FilmScene } from '@spalo/simulator/camera';
import { repsOf, wayOf } from '@spalo/core/film';
import { BufferTarget, CanvasSource, Output, WebMOutputFormat } from 'mediabunny';

/** A clip as a file, with what following it found: what the demo keeps of it. */
interface Made {
  base64: string;
  width: number;
  height: number;
  ms: number;
}

/** Encodes a scene's pictures as a film, tinted so that it looks like a room and not like a scan. */
async function encode(scene: FilmScene): Promise<Made> {
  const film = makeFilm(scene);
  const { width, height, rate } = scene;
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d')!;
  const output = new Output({ format: new WebMOutputFormat(), target: new BufferTarget() });
  const source = new CanvasSource(canvas, { codec: 'vp9', bitrate: 170_000, keyFrameInterval: 2 });
  output.addVideoTrack(source, { frameRate: rate });
  await output.start();
  for (let at = 0; at < film.count; at += 1) {
    const { pixels } = film.frame(at);
    const image = context.createImageData(width, height);
    pixels.forEach((grey, pixel) => {
      image.data.set([grey, grey * 0.99, grey * 0.93, 255], 4 * pixel);
    });
    context.putImageData(image, 0, 0);
    await source.add(film.timeOf(at), 1 / rate);
  }
  await output.finalize();
  const bytes = new Uint8Array(output.target.buffer!);
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return { base64: btoa(text), width, height, ms: Math.round(film.timeOf(film.count) * 1000) };
}

/** What following a scene's pictures finds. */
function find(scene: FilmScene) {
  const film = makeFilm(scene);
  const { track, path } = followed(film);
  const lostMs = track?.lostAt === undefined || track.lostAt === null ? null : 1000 * track.lostAt;
  const way = wayOf(path);
  const found: Followed = { way, view: film.view, path: storedPath(path), hidden: [], lostMs };
  return { followed: found, reps: repsOf(path, way).length };
}

Object.assign(globalThis, { encode, find });
