import { makeFilm } from './film';
import { judgeFilm } from './judge';
import { filmScene, type FilmFamily, type FilmScene } from './scene';

const share = (sorted: readonly number[], part: number) =>
  sorted[Math.floor(part * sorted.length)]!;
/** A clip of two reps, small and with few pictures: tests must not take long. */
const quick = {
  width: 216,
  height: 384,
  rate: 15,
  distance: 2200,
  reps: [0, 1].map(() => ({ downS: 1.2, pauseS: 0.4, upS: 1.2, drift: 30, depth: 1 })),
};
const verdictOf = (family: FilmFamily, seed: number, change: Partial<FilmScene> = {}) =>
  judgeFilm(family, seed, () => 0, { ...quick, ...change });

describe('the stand-in camera', () => {
  it('makes the same pictures of the same scene, and knows where the bar is in each', () => {
    const scene = filmScene('shake', 5);
    const [one, other] = [makeFilm(scene), makeFilm(scene)];
    expect(one.frame(20).pixels).toEqual(other.frame(20).pixels);
    const { seen } = one.truth(20);
    const { pixels, width } = one.frame(20);
    // The bar's end is the lightest spot of the plate, with a dark middle.
    const ring = pixels[Math.round(seen.y) * width + Math.round(seen.x + 5)]!;
    expect(ring).toBeGreaterThan(pixels[Math.round(seen.y) * width + Math.round(seen.x)]!);
  });

  it('keeps the plate in every picture, whatever is filmed', () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const film = makeFilm(filmScene('plain', seed));
      for (let picture = 0; picture < film.count; picture += 5) {
        const { x, y } = film.truth(picture).seen;
        expect(Math.min(x, film.scene.width - x, y, film.scene.height - y)).toBeGreaterThan(12);
      }
    }
  });
});

describe('following the bar in clips that nobody tuned on', () => {
  it('is within millimetres, with every rep and its pause', () => {
    const { errors, repsFound, repsTrue, pauseErrors, saidLost } = verdictOf('plain', 2001);
    expect(share(errors, 0.5)).toBeLessThan(5);
    expect(share(errors, 0.95)).toBeLessThan(25);
    expect([repsFound, saidLost]).toEqual([repsTrue, false]);
    for (const error of pauseErrors) expect(Math.abs(error)).toBeLessThan(0.15);
  });

  it('says where somebody walked before it, and where the lifter is gone', () => {
    const hidden = verdictOf('hidden', 2002, { hiddenAt: 3 });
    expect(hidden.saidHidden).toBe(true);
    // The picture in which somebody's shoulder just reaches the plate may be off.
    expect(hidden.wrong).toBeLessThan(3);
    expect(verdictOf('leaves', 2003, { leavesAt: 3 })).toMatchObject({ saidLost: true, wrong: 0 });
  });
});
