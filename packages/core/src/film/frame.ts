/** A grey picture, row by row from its upper left corner, 0 black to 255 white. */
export interface Frame {
  width: number;
  height: number;
  pixels: Uint8Array;
}

/** A place in a picture, pixels from its upper left corner; y runs down. */
export interface Spot {
  x: number;
  y: number;
}

/** The picture at half its size, each pixel the mean of four. */
export function halved({ width, height, pixels }: Frame): Frame {
  const [across, down] = [width >> 1, height >> 1];
  const half = new Uint8Array(across * down);
  for (let y = 0; y < down; y += 1) {
    const upper = 2 * y * width;
    const lower = upper + width;
    for (let x = 0; x < across; x += 1) {
      const at = 2 * x;
      half[y * across + x] =
        (pixels[upper + at]! +
          pixels[upper + at + 1]! +
          pixels[lower + at]! +
          pixels[lower + at + 1]! +
          2) >>
        2;
    }
  }
  return { width: across, height: down, pixels: half };
}

/** The grey of a place between pixels, from the four around it; the edge goes on outside. */
export function greyAt({ width, height, pixels }: Frame, x: number, y: number): number {
  const left = Math.min(width - 2, Math.max(0, Math.floor(x)));
  const top = Math.min(height - 2, Math.max(0, Math.floor(y)));
  const right = Math.min(1, Math.max(0, x - left));
  const below = Math.min(1, Math.max(0, y - top));
  const at = top * width + left;
  const upper = pixels[at]! * (1 - right) + pixels[at + 1]! * right;
  const lower = pixels[at + width]! * (1 - right) + pixels[at + width + 1]! * right;
  return upper * (1 - below) + lower * below;
}

/** A picture from one whose pixels are red, green, blue and opacity, as a canvas has them (luma of ITU-R BT.601). */
export function greyOf(
  colours: Uint8ClampedArray | Uint8Array,
  width: number,
  height: number,
): Frame {
  const pixels = new Uint8Array(width * height);
  for (let at = 0; at < pixels.length; at += 1) {
    const red = 4 * at;
    pixels[at] = (77 * colours[red]! + 150 * colours[red + 1]! + 29 * colours[red + 2]!) >> 8;
  }
  return { width, height, pixels };
}
