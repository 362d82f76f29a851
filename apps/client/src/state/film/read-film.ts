import {
  greyOf,
  halved,
  makeTracker,
  snapped,
  type Circle,
  type Frame,
  type Spot,
  type Track,
} from '@spalo/core/film';
import type { ClipFile } from '@spalo/core/session';
import {
  ALL_FORMATS,
  BlobSource,
  Input,
  VideoSampleSink,
  type InputVideoTrack,
  type VideoSample,
} from 'mediabunny';

/** A clip as it was looked at: its length, its pictures' size, and how many a second. */
export type Looked = Pick<ClipFile, 'ms' | 'width' | 'height'> & { rate: number };

/** What is asked of a follow: where (pixels of the clip) and from when (s). */
export interface FollowAsk {
  t: number;
  circle: Circle;
}

/** Longer sides than this are made smaller before they are followed: a bar is found as well, in a fraction of the time. */
const LONGEST_SIDE = 800;

/** A file that is no clip, or one that this browser cannot play; its message is for the trainer. */
class NoClip extends Error {}

async function trackOf(blob: Blob): Promise<InputVideoTrack> {
  const input = new Input({ formats: ALL_FORMATS, source: new BlobSource(blob) });
  const track = await input.getPrimaryVideoTrack().catch(() => null);
  if (!track) throw new NoClip('This file is no film, or it is broken');
  if (typeof VideoDecoder === 'undefined')
    throw new NoClip('This browser cannot take films apart; the newest ones can');
  if (!(await track.canDecode())) throw new NoClip('This browser cannot play this kind of film');
  return track;
}

/** Reads how long and how large a clip is; throws NoClip for what is none. */
export async function lookAt(blob: Blob): Promise<Looked> {
  const track = await trackOf(blob);
  const seconds = await track.computeDuration().catch(() => 0);
  const { averagePacketRate } = await track.computePacketStats(120);
  if (!(seconds > 0)) throw new NoClip('This film has no length: it may have been cut off');
  return {
    ms: Math.round(seconds * 1000),
    width: track.displayWidth,
    height: track.displayHeight,
    rate: averagePacketRate,
  };
}

/** The brightness of a picture as films carry it, without a way over colours; null where it is turned or stretched. */
async function brightness(sample: VideoSample): Promise<Frame | null> {
  const { format, rotation, flip, displayWidth: width, displayHeight: height } = sample;
  const whole = sample.visibleRect.width === width && sample.visibleRect.height === height;
  if (rotation !== 0 || flip || !whole || !/^(I4|NV12)/.test(format ?? '')) return null;
  const bytes = new Uint8Array(sample.allocationSize());
  const [plane] = await sample.copyTo(bytes);
  if (!plane) return null;
  const { offset, stride } = plane;
  if (stride === width)
    return { width, height, pixels: bytes.subarray(offset, offset + width * height) };
  const pixels = new Uint8Array(width * height);
  for (let row = 0; row < height; row += 1)
    pixels.set(bytes.subarray(offset + row * stride, offset + row * stride + width), row * width);
  return { width, height, pixels };
}

/** Pictures of a clip from a moment on, grey and no larger than is needed; `scale` takes pixels of the clip to theirs. */
async function* pictures(track: InputVideoTrack, from: number) {
  const longest = Math.max(track.displayWidth, track.displayHeight);
  // By halves, so that a picture is made smaller without being drawn.
  const halvings = Math.max(0, Math.ceil(Math.log2(longest / LONGEST_SIDE)));
  const scale = 1 / 2 ** halvings;
  const { displayWidth: width, displayHeight: height } = track;
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  const drawn = (sample: VideoSample): Frame => {
    sample.draw(context, 0, 0, width, height);
    return greyOf(context.getImageData(0, 0, width, height).data, width, height);
  };
  for await (const sample of new VideoSampleSink(track).samples(from)) {
    let frame = (await brightness(sample)) ?? drawn(sample);
    const { timestamp: t } = sample;
    sample.close();
    for (let halving = 0; halving < halvings; halving += 1) frame = halved(frame);
    yield { t, scale, frame };
  }
}

const times = ({ x, y }: Spot, by: number): Spot => ({ x: x * by, y: y * by });
const circleTimes = (circle: Circle, by: number): Circle => ({
  ...times(circle, by),
  radius: circle.radius * by,
});

/** The circle near a drawn one that follows a plate's rim in the picture at a moment. */
export async function snapAt(blob: Blob, { t, circle }: FollowAsk): Promise<Circle> {
  for await (const { frame, scale } of pictures(await trackOf(blob), t)) {
    return circleTimes(snapped(frame, circleTimes(circle, scale)), 1 / scale);
  }
  return circle;
}

/** A followed bar in pixels of the clip, and how long that took (ms). */
export type FollowedBar = Pick<Track, 'points' | 'hidden' | 'lostAt'> & { tookMs: number };

/** How much round the bar's end is looked for: a third of the plate, within what can be told apart and is quick. */
const radiusFor = (plate: number) => Math.round(Math.min(16, Math.max(6, 0.35 * plate)));

/** Follows the bar's end through a clip; `onTime` hears how far it is (s). Throws NoClip where there is nothing to follow. */
export async function followBar(
  blob: Blob,
  { t, circle }: FollowAsk,
  onTime: (seconds: number) => void,
): Promise<FollowedBar> {
  const began = performance.now();
  let tracker: ReturnType<typeof makeTracker> = null;
  let back = 1;
  for await (const { frame, scale, ...picture } of pictures(await trackOf(blob), t)) {
    if (!tracker) {
      back = 1 / scale;
      const small = circleTimes(circle, scale);
      tracker = makeTracker({ t: picture.t, frame }, small, radiusFor(small.radius));
      if (!tracker)
        throw new NoClip('There is nothing to follow at this place: it is all one grey');
    } else if (!tracker.follow({ t: picture.t, frame })) break;
    onTime(picture.t);
  }
  if (!tracker) throw new NoClip('The film ends before this moment');
  const { points, hidden, lostAt } = tracker.track;
  return {
    points: points.map(({ at, seen, ...point }) => ({
      ...point,
      at: times(at, back),
      seen: times(seen, back),
    })),
    hidden,
    lostAt,
    tookMs: performance.now() - began,
  };
}
