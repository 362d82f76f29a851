import {
  bodyFromHeight,
  pressWay,
  pullWay,
  squatWay,
  type BodyLengths,
  type Pose,
} from '@spalo/core/geometry';
import { GAP_S, LEAD_S, type FilmScene } from './scene';

/** From rest to rest with the least jerk (Flash and Hogan, 1985): share of the way by share of the time. */
const eased = (u: number): number => u * u * u * (10 - 15 * u + 6 * u * u);

/** Where in a rep a moment lies: how far from its beginning the bar is (0 to 1 of the whole way), and of which rep. */
function progress({ reps, lift }: FilmScene, t: number): { share: number; rep: number } {
  let from = LEAD_S;
  const upFirst = lift === 'pull' || lift === 'press';
  for (const [rep, { downS, pauseS, upS, depth }] of reps.entries()) {
    const [out, back] = upFirst ? [upS, downS] : [downS, upS];
    if (t < from) return { share: 0, rep };
    const into = t - from;
    if (into < out) return { share: depth * eased(into / out), rep };
    if (into < out + pauseS) return { share: depth, rep };
    const left = into - out - pauseS;
    if (left < back) return { share: depth * (1 - eased(left / back)), rep };
    from += out + pauseS + back + GAP_S;
  }
  return { share: 0, rep: Math.max(0, reps.length - 1) };
}

function poseAt({ lift }: FilmScene, body: BodyLengths, share: number): Pose {
  if (lift === 'press') return pressWay(body, share);
  const found =
    lift === 'pull'
      ? pullWay(body, { style: 'conventional', barHeight: 225, opened: 0 }, share)
      : squatWay(
          body,
          {
            style: lift === 'squat' ? 'high bar' : 'front',
            shankLean: 30,
            depth: 5,
            opened: 25,
            heels: 0,
            loadG: 60_000,
            bodyG: 75_000,
          },
          share,
        );
  if (!found) throw new Error('The stand-in lifter cannot reach it');
  return found;
}

/** The stand-in lifter at a moment, mm; the bar is where it is known to be. */
export function liftedAt(scene: FilmScene, t: number): Pose & { foot: number } {
  const body = bodyFromHeight(scene.heightMm);
  const { share, rep } = progress(scene, t);
  const pose = poseAt(scene, body, share);
  const low = scene.lift === 'pull' || scene.lift === 'press' ? 1 - share : share;
  const drift = (scene.reps[rep]?.drift ?? 0) * low;
  const moved = ({ x, y }: { x: number; y: number }, by: number) => ({ x: x + by, y });
  return {
    ...pose,
    shoulder: moved(pose.shoulder, 0.6 * drift),
    bar: moved(pose.bar, drift),
    foot: body.foot.mm,
  };
}
