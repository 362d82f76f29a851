import type { PathPoint, Spot, Stick, StickJoint, View } from '@spalo/core/film';

/** Colours over a film are the same in both themes: the picture behind them is. */
export const colours = {
  white: '#FBFCFA',
  pale: '#DCE7DE',
  marigold: '#F0B429',
  moss: '#8FB39C',
} as const;
type Colour = keyof typeof colours;

/** Pixels of a clip that look as one of the screen, near enough, whatever its size. */
export const unitOf = ({ width, height }: { width: number; height: number }): number =>
  Math.max(width, height) / 640;

/** What is drawn over a picture, in pixels of the clip: once for the screen, and once for a still. */
export type Shape =
  | { kind: 'line'; points: Spot[]; tone: Colour; width: number; dashed?: boolean }
  | { kind: 'ring'; at: Spot; radius: number; tone: Colour; width: number }
  | { kind: 'dot'; at: Spot; radius: number; tone: Colour }
  | { kind: 'text'; at: Spot; text: string; tone: Colour };

/** A place of the room as a place in the picture. */
export const inPicture = (
  { mmPerPixel, facing, plumbX, floorY }: View,
  { x, y }: Pick<PathPoint, 'x' | 'y'>,
): Spot => ({
  x: plumbX + ((facing === 'right' ? 1 : -1) * x) / mmPerPixel,
  y: floorY - y / mmPerPixel,
});

/** The plumb line through the middle of the foot, and the bar's path; what is of the rep in hand stands out. */
export function pathShapes(
  view: View,
  path: readonly PathPoint[],
  now: { from: number; to: number; t: number } | null,
  unit: number,
): Shape[] {
  const drawn = (points: readonly PathPoint[]) => points.map((point) => inPicture(view, point));
  const shapes: Shape[] = [
    {
      kind: 'line',
      points: [
        { x: view.plumbX, y: 0 },
        { x: view.plumbX, y: view.floorY },
      ],
      tone: 'white',
      width: 2 * unit,
      dashed: true,
    },
    { kind: 'line', points: drawn(path), tone: 'pale', width: 2 * unit },
  ];
  if (!now) return shapes;
  const own = path.filter(({ t }) => t >= now.from && t <= now.to);
  shapes.push({ kind: 'line', points: drawn(own), tone: 'marigold', width: 4 * unit });
  const here = path.findLast(({ t }) => t <= now.t + 0.001);
  if (here)
    shapes.push({
      kind: 'ring',
      at: inPicture(view, here),
      radius: 9 * unit,
      tone: 'marigold',
      width: 3 * unit,
    });
  return shapes;
}

/** A body in its computed set-up, laid over the picture at its foot and in its size. */
export function poseShapes(
  view: View,
  pose: Record<'ankle' | 'knee' | 'hip' | 'shoulder' | 'bar', Pick<PathPoint, 'x' | 'y'>>,
  unit: number,
): Shape[] {
  const at = (joint: keyof typeof pose) => inPicture(view, pose[joint]);
  const limbs = (['ankle', 'knee', 'hip', 'shoulder'] as const).map(at);
  return [
    { kind: 'line', points: limbs, tone: 'moss', width: 5 * unit },
    { kind: 'line', points: [at('shoulder'), at('bar')], tone: 'moss', width: 3 * unit },
    { kind: 'ring', at: at('bar'), radius: 7 * unit, tone: 'moss', width: 3 * unit },
  ];
}

const bones: [StickJoint, StickJoint][] = [
  ['ankle', 'knee'],
  ['knee', 'hip'],
  ['hip', 'shoulder'],
  ['shoulder', 'wrist'],
  ['wrist', 'bar'],
];

/** Joints set by hand, and the limbs between them. */
export function stickShapes(stick: Stick, unit: number): Shape[] {
  const lines = bones.flatMap(([from, to]): Shape[] => {
    const [a, b] = [stick[from], stick[to]];
    return a && b ? [{ kind: 'line', points: [a, b], tone: 'marigold', width: 3 * unit }] : [];
  });
  const dots = Object.values(stick).map((at): Shape => ({
    kind: 'dot',
    at,
    radius: 6 * unit,
    tone: 'white',
  }));
  return [...lines, ...dots];
}

/** Draws shapes on a canvas, as they stand over the picture on the screen. */
export function paint(
  context: CanvasRenderingContext2D,
  shapes: readonly Shape[],
  unit: number,
): void {
  for (const shape of shapes) {
    context.strokeStyle = context.fillStyle = colours[shape.tone];
    context.lineWidth = 'width' in shape ? shape.width : 1;
    context.setLineDash(shape.kind === 'line' && shape.dashed ? [6 * unit, 6 * unit] : []);
    context.lineJoin = context.lineCap = 'round';
    context.beginPath();
    if (shape.kind === 'line') {
      shape.points.forEach(({ x, y }) => context.lineTo(x, y));
      context.stroke();
    } else if (shape.kind === 'text') {
      context.font = `${16 * unit}px sans-serif`;
      context.fillText(shape.text, shape.at.x, shape.at.y);
    } else {
      context.arc(shape.at.x, shape.at.y, shape.radius, 0, 2 * Math.PI);
      if (shape.kind === 'ring') context.stroke();
      else context.fill();
    }
  }
}
