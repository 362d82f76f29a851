import type { Frame, Spot } from '@spalo/core/film';

/** A grey picture that is drawn on, its edges softened over one pixel. */
export interface Picture extends Frame {
  disc(at: Spot, radius: number, grey: number): void;
  /** A limb: a line with round ends. */
  limb(from: Spot, to: Spot, radius: number, grey: number): void;
}

const soft = (inside: number): number => Math.min(1, Math.max(0, inside + 0.5));

export function makePicture(width: number, height: number): Picture {
  const pixels = new Uint8Array(width * height);
  const fill = (
    box: { left: number; right: number; top: number; bottom: number },
    inside: (x: number, y: number) => number,
    grey: number,
  ) => {
    const left = Math.max(0, Math.floor(box.left) - 1);
    const right = Math.min(width - 1, Math.ceil(box.right) + 1);
    const top = Math.max(0, Math.floor(box.top) - 1);
    const bottom = Math.min(height - 1, Math.ceil(box.bottom) + 1);
    for (let y = top; y <= bottom; y += 1) {
      for (let x = left; x <= right; x += 1) {
        const share = soft(inside(x, y));
        const at = y * width + x;
        if (share > 0) pixels[at] = pixels[at]! * (1 - share) + grey * share;
      }
    }
  };
  return {
    width,
    height,
    pixels,
    disc: (at, radius, grey) =>
      fill(
        { left: at.x - radius, right: at.x + radius, top: at.y - radius, bottom: at.y + radius },
        (x, y) => radius - Math.hypot(x - at.x, y - at.y),
        grey,
      ),
    limb: (from, to, radius, grey) => {
      const [dx, dy] = [to.x - from.x, to.y - from.y];
      const size = dx * dx + dy * dy || 1;
      fill(
        {
          left: Math.min(from.x, to.x) - radius,
          right: Math.max(from.x, to.x) + radius,
          top: Math.min(from.y, to.y) - radius,
          bottom: Math.max(from.y, to.y) + radius,
        },
        (x, y) => {
          const along = Math.min(1, Math.max(0, ((x - from.x) * dx + (y - from.y) * dy) / size));
          return radius - Math.hypot(x - from.x - along * dx, y - from.y - along * dy);
        },
        grey,
      );
    },
  };
}
