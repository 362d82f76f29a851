import type { Circle, Frame, Spot, View } from '@spalo/core/film';
import { seededRandom } from '../random';
import { liftedAt } from './motion';
import { makePicture, type Picture } from './picture';
import { makeRoom } from './room';
import { lengthOf, type FilmScene } from './scene';

/** How high the middle of the picture is, mm: whoever films keeps the bar in it. */
const LENS = { squat: 950, 'front squat': 950, pull: 850, press: 1200 } as const;
/** What a phone sees along its longer side, as a multiple of the distance. */
const FIELD = 1.15;

/** How the camera is held at a moment: pixels it has wandered, radians it is turned. */
interface Held {
  x: number;
  y: number;
  turn: number;
}

/** A hand: slow waves with a quick tremble on them, the same for the same seed. */
function handOf({ seed, shake, roll }: FilmScene): (t: number) => Held {
  const random = seededRandom(seed + 17);
  const wave = () => {
    const parts = [0.25, 0.6, 1.3, 4, 8].map((speed) => ({
      speed: speed * (0.7 + 0.6 * random.unit()),
      phase: 2 * Math.PI * random.unit(),
      size: Math.min(1, 0.7 / speed),
    }));
    const at = (t: number) =>
      parts.reduce((sum, p) => sum + p.size * Math.sin(2 * Math.PI * p.speed * t + p.phase), 0);
    return (t: number) => at(t) - at(0);
  };
  const [x, y, turn] = [wave(), wave(), wave()];
  const rolled = (roll * Math.PI) / 180;
  return (t) => ({ x: shake * x(t), y: shake * y(t), turn: 0.5 * rolled * turn(t) });
}

/** Where the lens puts places of the room, in pixels. */
function lensOf({ width, height, distance, facing, lift }: FilmScene) {
  const perMm = Math.max(width, height) / (FIELD * distance);
  const forward = facing === 'right' ? 1 : -1;
  const still = ({ x, y }: Spot): Spot => ({
    x: width / 2 + forward * x * perMm,
    y: height * 0.52 - (y - LENS[lift]) * perMm,
  });
  return { perMm, still };
}

/** Moved as the hand moves the camera, about the picture's middle. */
const held = ({ width, height }: FilmScene, { x, y, turn }: Held, spot: Spot): Spot => {
  const [dx, dy] = [spot.x - width / 2, spot.y - height / 2];
  return {
    x: width / 2 + dx * Math.cos(turn) - dy * Math.sin(turn) + x,
    y: height / 2 + dx * Math.sin(turn) + dy * Math.cos(turn) + y,
  };
};

/** A plate from its end: rim, face, three holes that turn with it, hub and the bar's end. */
function drawPlate(to: Picture, at: Spot, radius: number, grey: number, turned: number) {
  to.disc(at, radius, grey);
  to.disc(at, radius * 0.9, grey + 22);
  to.disc(at, radius * 0.78, grey + 4);
  for (let hole = 0; hole < 3; hole += 1) {
    const angle = turned + (hole * 2 * Math.PI) / 3;
    to.disc(
      { x: at.x + 0.55 * radius * Math.cos(angle), y: at.y + 0.55 * radius * Math.sin(angle) },
      radius * 0.12,
      grey + 70,
    );
  }
}

function drawLifter(to: Picture, scene: FilmScene, t: number, place: (spot: Spot) => Spot) {
  const { perMm } = lensOf(scene);
  const pose = liftedAt(scene, t);
  const limb = (from: Spot, until: Spot, mm: number, grey: number) =>
    to.limb(place(from), place(until), mm * perMm, grey);
  limb({ x: pose.ankle.x - 60, y: 25 }, { x: pose.foot / 2, y: 25 }, 28, 40);
  limb(pose.ankle, pose.knee, 52, 70);
  limb(pose.knee, pose.hip, 72, 60);
  limb(pose.hip, pose.shoulder, 110, 95);
  const lean = Math.atan2(pose.shoulder.x - pose.hip.x, pose.shoulder.y - pose.hip.y);
  const head = {
    x: pose.shoulder.x + 190 * Math.sin(lean * 0.7),
    y: pose.shoulder.y + 190 * Math.cos(lean * 0.7),
  };
  to.disc(place(head), 105 * perMm, 150);
  limb(pose.shoulder, pose.bar, 42, 140);
  const bar = place(pose.bar);
  const turned = 0.5 + 0.0004 * pose.bar.y;
  drawPlate(to, bar, (scene.plateMm / 2) * perMm, scene.plate, turned);
  if (scene.plateMm > 300) drawPlate(to, bar, 110 * perMm, scene.plate + 25, 1 - turned);
  to.disc(bar, 46 * perMm, 120);
  to.disc(bar, 27 * perMm, 215);
  to.disc(bar, 9 * perMm, 60);
}

/** Somebody in the room: a trunk, a head and two legs that stride. */
function drawWalker(to: Picture, at: Spot, size: number, step: number, grey: number) {
  const foot = (side: number) => ({ x: at.x + side * 0.12 * size * Math.sin(step), y: at.y });
  const hip = { x: at.x, y: at.y - 0.5 * size };
  to.limb(foot(1), hip, 0.045 * size, grey - 20);
  to.limb(foot(-1), hip, 0.045 * size, grey - 25);
  to.limb(hip, { x: at.x, y: at.y - 0.82 * size }, 0.085 * size, grey);
  to.disc({ x: at.x, y: at.y - 0.94 * size }, 0.06 * size, grey + 60);
}

/** Seconds that somebody needs to walk past the bar between camera and lifter. */
const PAST_S = 0.9;

function drawPeople(to: Picture, scene: FilmScene, t: number, hand: Held, before: boolean) {
  const { width, height } = scene;
  const longer = Math.max(width, height);
  if (before) {
    if (scene.hiddenAt === null) return;
    const share = (t - scene.hiddenAt) / PAST_S;
    if (share < -1.5 || share > 1.5) return;
    drawWalker(
      to,
      { x: width * (0.5 + share) + hand.x, y: height + 0.1 * longer },
      longer * 1.1,
      6 * t,
      85,
    );
    return;
  }
  const random = seededRandom(scene.seed + 5);
  for (let walker = 0; walker < scene.walkers; walker += 1) {
    const speed = (random.unit() < 0.5 ? -1 : 1) * (0.1 + 0.15 * random.unit());
    const from = random.unit();
    const x = (((from + speed * t) % 1) + 1) % 1;
    const grey = random.between(60, 190);
    drawWalker(
      to,
      { x: (1.4 * x - 0.2) * width + hand.x, y: height * 0.86 + hand.y },
      longer * 0.5,
      5 * t,
      grey,
    );
  }
}

/** A clip that is known exactly. */
export interface Film {
  scene: FilmScene;
  /** How many pictures it has. */
  count: number;
  /** The time of a picture, seconds. */
  timeOf(picture: number): number;
  frame(picture: number): Frame;
  /** Where the bar's end is in a picture, pixels, and in the room, mm from the middle of the foot and the floor. */
  truth(picture: number): { seen: Spot; bar: Spot };
  /** The plate in the first picture. */
  plate: Circle;
  /** What turns pixels into millimetres. */
  view: View;
}

/** Films a scene. Pictures are drawn when they are asked for. */
export function makeFilm(scene: FilmScene): Film {
  const { width, height, rate } = scene;
  const hand = handOf(scene);
  const room = makeRoom(scene);
  const { perMm, still } = lensOf(scene);
  const timeOf = (picture: number) => picture / rate;
  const gone = (t: number) => scene.leavesAt !== null && t > scene.leavesAt;
  const truth = (picture: number) => {
    const t = timeOf(picture);
    const { bar } = liftedAt(scene, t);
    return { seen: held(scene, hand(t), still(bar)), bar };
  };
  const frame = (picture: number): Frame => {
    const t = timeOf(picture);
    const hands = hand(t);
    const to = makePicture(width, height);
    room(to, (spot) => held(scene, hands, spot));
    drawPeople(to, scene, t, hands, false);
    if (!gone(t)) drawLifter(to, scene, t, (spot) => held(scene, hands, still(spot)));
    drawPeople(to, scene, t, hands, true);
    develop(to, scene, picture, t);
    return to;
  };
  return {
    scene,
    count: Math.floor(lengthOf(scene) * rate),
    timeOf,
    frame,
    truth,
    plate: { ...truth(0).seen, radius: (scene.plateMm / 2) * perMm },
    view: {
      mmPerPixel: 1 / perMm,
      facing: scene.facing,
      plumbX: still({ x: 0, y: 0 }).x,
      floorY: still({ x: 0, y: 0 }).y,
    },
  };
}

/** Light and noise over a picture. */
function develop(to: Picture, { seed, noise, light }: FilmScene, picture: number, t: number) {
  const random = seededRandom(seed * 100_003 + picture);
  const gain = 1 + light * Math.sin(1.7 * t + seed) + 0.25 * light * Math.sin(11 * t);
  // A table of draws, begun anywhere for each row: every pixel a draw of its own would take most of the time.
  const draws = Float32Array.from({ length: 1021 }, () => noise * random.normal());
  // Clamped by the array itself: a call for each pixel would take most of the time.
  const pixels = new Uint8ClampedArray(to.pixels.buffer);
  for (let row = 0; row < to.height; row += 1) {
    let draw = random.between(0, 1020);
    for (let at = row * to.width; at < (row + 1) * to.width; at += 1) {
      draw = draw === 1020 ? 0 : draw + 1;
      pixels[at] = pixels[at]! * gain + draws[draw]!;
    }
  }
}
