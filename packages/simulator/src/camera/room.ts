import type { Frame, Spot } from '@spalo/core/film';
import { seededRandom } from '../random';
import { makePicture, type Picture } from './picture';
import type { FilmScene } from './scene';

/** A hand wanders less than this, pixels: the room goes on so far beyond the picture. */
const MARGIN = 60;

/** A wall with what hangs on it, and a floor with mats: larger than the picture, since a hand-held camera wanders. */
function paint(scene: FilmScene): Frame {
  const random = seededRandom(scene.seed + 3);
  const [width, height] = [scene.width + 2 * MARGIN, scene.height + 2 * MARGIN];
  const paper = makePicture(width, height);
  const floor = MARGIN + scene.height * 0.84;
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      paper.pixels[y * width + x] =
        y < floor ? scene.wall - 12 * (x / width) : 90 + 20 * (y / height);
  const box = (x: number, y: number, across: number, down: number, grey: number) => {
    for (let row = Math.max(0, y); row < Math.min(height, y + down); row += 1)
      paper.pixels.fill(
        grey,
        row * width + Math.max(0, x),
        row * width + Math.min(width, x + across),
      );
  };
  for (let sign = 0; sign < 14; sign += 1) {
    const grey = random.between(40, 230);
    const [x, y] = [random.between(0, width), random.between(0, Math.floor(floor - 40))];
    box(x, y, random.between(12, 60), random.between(10, 50), grey);
    box(x + 4, y + 4, random.between(4, 12), random.between(4, 10), 255 - grey);
  }
  for (let post = 0; post < 3; post += 1) {
    const x = random.between(0, width - 12);
    box(x, 0, 11, Math.floor(floor), 55);
    for (let hole = 20; hole < floor; hole += 16) box(x + 4, hole, 3, 5, 170);
  }
  for (let seam = 0; seam < 6; seam += 1)
    box(random.between(0, width), Math.floor(floor) + random.between(2, 40), 40, 3, 45);
  if (scene.likePlates) likePlates(paper, scene, random.between(0, 40));
  return paper;
}

/** Plates on the wall that look as the lifter's own do. */
function likePlates(paper: Picture, scene: FilmScene, by: number) {
  const radius = 0.085 * Math.max(scene.width, scene.height);
  for (let each = 0; each < 4; each += 1) {
    const at = { x: MARGIN + by + each * radius * 2.3, y: MARGIN + scene.height * 0.45 };
    paper.disc(at, radius, scene.plate);
    paper.disc(at, radius * 0.9, scene.plate + 22);
    paper.disc(at, radius * 0.78, scene.plate + 4);
    paper.disc(at, radius * 0.2, 120);
    paper.disc(at, radius * 0.12, 215);
    paper.disc(at, radius * 0.04, 60);
  }
}

/** The room behind the lifter: paints it on a picture as the held camera sees it. */
export function makeRoom(scene: FilmScene): (to: Picture, held: (spot: Spot) => Spot) => void {
  const paper = paint(scene);
  return (to, held) => {
    // A turn and a move are the same everywhere: three corners give them.
    const origin = held({ x: 0, y: 0 });
    const right = held({ x: 1, y: 0 });
    const [cos, sin] = [right.x - origin.x, right.y - origin.y];
    const { width, pixels } = paper;
    const [startX, startY] = [
      MARGIN - cos * origin.x - sin * origin.y,
      MARGIN + sin * origin.x - cos * origin.y,
    ];
    for (let y = 0; y < to.height; y += 1) {
      for (let x = 0; x < to.width; x += 1) {
        const fromX = startX + cos * x + sin * y;
        const fromY = startY - sin * x + cos * y;
        const [left, top] = [fromX | 0, fromY | 0];
        const [right, below] = [fromX - left, fromY - top];
        const at = top * width + left;
        const upper = pixels[at]! * (1 - right) + pixels[at + 1]! * right;
        const lower = pixels[at + width]! * (1 - right) + pixels[at + width + 1]! * right;
        to.pixels[y * to.width + x] = upper * (1 - below) + lower * below;
      }
    }
  };
}
