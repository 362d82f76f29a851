import {
  cornerAngle,
  hipsFirst,
  pathOf,
  scaleBy,
  stickAngles,
  wayOf,
  type Circle,
  type Facing,
  type PathPoint,
  type SeenSign,
  type Spot,
  type Stick,
  type StickJoint,
  type View,
} from '@spalo/core/film';
import { pathPoints, storedPath } from '@spalo/core/session';

import type { Pose } from '@spalo/coaching/build';
import { useMemo, useState } from 'react';
import { followInFilm, snapInFilm } from '../../state/film/ask-film';
import { addToSession } from '../../state/past-session';
import { repsIn } from '../../parts/film/film-signs';
import type { FoundClip } from '../../parts/film/find-clip';
import {
  inPicture,
  pathShapes,
  poseShapes,
  stickShapes,
  unitOf,
  type Shape,
} from '../../parts/film/overlay';
import type { Handle } from '../../parts/film/use-drag';
import type { Player } from '../../parts/film/use-player';

/** What is done with a clip just now. */
export const tools = ['bar', 'joints', 'line', 'angle'] as const;
export type Tool = (typeof tools)[number];

/** Where hands have put things on the picture; pixels of the clip. */
export interface Hands {
  ring: Circle;
  foot: Spot;
  stick: Stick;
  line: Spot[];
  angle: Spot[];
  facing: Facing;
  plateMm: number;
}

/** Where things stand before anybody moves them: in the middle of the picture, a limb apart. */
function firstHands(width: number, height: number, plateMm: number): Hands {
  const at = (x: number, y: number): Spot => ({ x: x * width, y: y * height });
  return {
    ring: { ...at(0.5, 0.4), radius: 0.11 * Math.max(width, height) },
    foot: at(0.5, 0.88),
    stick: {
      ankle: at(0.45, 0.84),
      knee: at(0.55, 0.66),
      hip: at(0.4, 0.6),
      shoulder: at(0.52, 0.38),
    },
    line: [at(0.35, 0.5), at(0.65, 0.5)],
    angle: [at(0.35, 0.4), at(0.4, 0.6), at(0.6, 0.6)],
    facing: 'right',
    plateMm,
  };
}

/** Hands as a clip that was followed has them. */
function handsOf(view: View, path: readonly PathPoint[], before: Hands): Hands {
  const [first] = path;
  return {
    ...before,
    facing: view.facing,
    foot: { x: view.plumbX, y: view.floorY },
    ring: {
      ...inPicture(view, first ?? { x: 0, y: 0 }),
      radius: before.plateMm / 2 / view.mmPerPixel,
    },
  };
}

const jointNames: StickJoint[] = ['ankle', 'knee', 'hip', 'shoulder'];

function handlesOf(tool: Tool, { ring, foot, stick, line, angle }: Hands): Handle[] {
  if (tool === 'bar') {
    return [
      { id: 'ring', says: 'end of the bar', at: ring },
      { id: 'edge', says: 'edge of the plate', at: { x: ring.x + ring.radius, y: ring.y } },
      { id: 'foot', says: 'middle of the foot', at: foot },
    ];
  }
  if (tool === 'joints') {
    return jointNames.flatMap((joint) => {
      const at = stick[joint];
      return at ? [{ id: joint, says: joint, at }] : [];
    });
  }
  const points = tool === 'line' ? line : angle;
  return points.map((at, place) => ({ id: String(place), says: `point ${place + 1}`, at }));
}

function moved(tool: Tool, hands: Hands, id: string, at: Spot): Hands {
  if (tool === 'joints') return { ...hands, stick: { ...hands.stick, [id]: at } };
  if (tool !== 'bar') {
    const points = hands[tool].map((point, place) => (String(place) === id ? at : point));
    return { ...hands, [tool]: points };
  }
  if (id === 'ring') return { ...hands, ring: { ...at, radius: hands.ring.radius } };
  if (id === 'foot') return { ...hands, foot: at };
  const { x, y } = hands.ring;
  return { ...hands, ring: { x, y, radius: Math.max(4, Math.hypot(at.x - x, at.y - y)) } };
}

/** What a tool draws besides the path. */
function toolShapes(tool: Tool, hands: Hands, unit: number, followed: boolean): Shape[] {
  const dots = handlesOf(tool, hands).map(({ at }): Shape => ({
    kind: 'dot',
    at,
    radius: 6 * unit,
    tone: 'white',
  }));
  if (tool === 'joints') return stickShapes(hands.stick, unit);
  if (tool === 'bar') {
    const { ring, foot } = hands;
    const plumb: Shape = {
      kind: 'line',
      points: [{ x: foot.x, y: 0 }, foot],
      tone: 'white',
      width: 2 * unit,
      dashed: true,
    };
    const rim: Shape = {
      kind: 'ring',
      at: ring,
      radius: ring.radius,
      tone: 'marigold',
      width: 3 * unit,
    };
    return followed ? [] : [plumb, rim, ...dots];
  }
  const points = hands[tool];
  return [{ kind: 'line', points, tone: 'marigold', width: 3 * unit }, ...dots];
}

/** What a tool says in numbers: lengths need the scale that the plate gives. */
function toolSays(tool: Tool, { line, angle, stick }: Hands, view: View | null): string[] {
  if (tool === 'line') {
    const [a, b] = line as [Spot, Spot];
    const level = (Math.atan2(Math.abs(b.y - a.y), Math.abs(b.x - a.x)) * 180) / Math.PI;
    const length = view && Math.hypot(b.x - a.x, b.y - a.y) * view.mmPerPixel;
    return [
      `${Math.round(level)}° from level`,
      length === null
        ? 'Follow the bar once: the plate gives the scale'
        : `${Math.round(length / 10)} cm`,
    ];
  }
  if (tool === 'angle') {
    const [a, b, c] = angle as [Spot, Spot, Spot];
    return [`${Math.round(cornerAngle(a, b, c))}°`];
  }
  if (tool !== 'joints') return [];
  const { knee, hip, trunk } = stickAngles(stick);
  const said = (name: string, value: number | null) =>
    value === null ? [] : [`${name} ${Math.round(value)}°`];
  return [...said('Knee', knee), ...said('Hip', hip), ...said('Trunk from upright', trunk)];
}

/** Follows the bar from where hands have put the ring, and keeps what was found in the session's log. */
function useFollow(
  { clip, session }: FoundClip,
  trainerId: string,
  hands: Hands,
  onFollowed: (ring: Circle) => void,
) {
  const [progress, setProgress] = useState<number | null>(null);
  const follow = async (blob: Blob, t: number) => {
    setProgress(0);
    try {
      const asked = { t, circle: hands.ring };
      const ring = await snapInFilm(blob, asked);
      const length = clip.ms / 1000;
      const bar = await followInFilm(blob, { ...asked, circle: ring }, (now) =>
        setProgress((now - asked.t) / Math.max(0.1, length - asked.t)),
      );
      const view: View = {
        mmPerPixel: scaleBy(hands.plateMm, ring.radius),
        facing: hands.facing,
        plumbX: hands.foot.x,
        floorY: hands.foot.y,
      };
      const points = pathOf(bar, view);
      const ms = (t: number) => Math.round(t * 1000);
      await addToSession(session.id, trainerId, 'clip.followed', {
        clipId: clip.id,
        way: wayOf(points),
        view,
        path: storedPath(points),
        hidden: bar.hidden.map(({ from, to }) => ({ from: ms(from), to: ms(to) })),
        lostMs: bar.lostAt === null ? null : ms(bar.lostAt),
      });
      onFollowed(ring);
    } finally {
      setProgress(null);
    }
  };
  return { progress, follow };
}

/** The state of a film bench: what is drawn, what hands move, and how the bar is followed. */
export function useBench(
  found: FoundClip,
  player: Player,
  plateMm: number,
  trainerId: string,
  /** The client's body in the style's computed set-up; null where there is none. */
  computed: Pose | null,
) {
  const { clip } = found;
  const { width, height, followed } = clip;
  const unit = unitOf(clip);
  const [tool, setTool] = useState<Tool>('bar');
  const [again, setAgain] = useState(false);
  const [laidOver, setLaidOver] = useState(false);
  const path = useMemo(() => (followed ? pathPoints(followed.path) : []), [followed]);
  const reps = useMemo(() => repsIn(clip), [clip]);
  const [hands, setHands] = useState(() => {
    const first = firstHands(width, height, plateMm);
    return followed ? handsOf(followed.view, path, first) : first;
  });
  const [rep, setRep] = useState(0);
  const [held, setHeld] = useState<{ stick: Stick; t: number } | null>(null);
  const shown = followed && !again;
  const now = reps[rep];
  const shapes = [
    ...(shown
      ? pathShapes(
          followed.view,
          path,
          now ? { from: now.begin, to: now.end, t: player.t } : null,
          unit,
        )
      : []),
    ...(laidOver && computed && followed ? poseShapes(followed.view, computed, unit) : []),
    ...toolShapes(tool, hands, unit, Boolean(shown)),
  ];
  const { progress, follow } = useFollow(found, trainerId, hands, (ring) => {
    setHands({ ...hands, ring });
    setAgain(false);
    setRep(0);
  });
  return {
    unit,
    tool,
    setTool,
    hands,
    setHands,
    reps,
    rep,
    chooseRep: (at: number) => {
      setRep(at);
      const chosen = reps[at];
      if (!chosen) return;
      player.setLoop({ from: Math.max(0, chosen.begin - 0.2), to: chosen.end + 0.2 });
      player.seek(chosen.begin);
    },
    shapes,
    says: toolSays(tool, hands, followed?.view ?? null),
    handles: tool === 'bar' && shown ? [] : handlesOf(tool, hands),
    move: (id: string, at: Spot) => setHands(moved(tool, hands, id, at)),
    progress,
    follow: (blob: Blob) => follow(blob, player.t),
    followed: shown ? followed : null,
    followAgain: () => setAgain(true),
    /** The computed set-up over the film, where there is one and the scale is known. */
    computed: computed && followed ? { shown: laidOver, turn: () => setLaidOver(!laidOver) } : null,
    hold: () => setHeld({ stick: hands.stick, t: player.t }),
    held,
    /** What the joints of two pictures show, as a sign of the rep that they lie in. */
    byPoints: hipsSign(held, { stick: hands.stick, t: player.t }, reps),
  };
}

function hipsSign(
  before: { stick: Stick; t: number } | null,
  after: { stick: Stick; t: number },
  reps: readonly { begin: number; end: number }[],
): SeenSign[] {
  if (!before || after.t <= before.t) return [];
  const amount = hipsFirst(before.stick, after.stick);
  const rep = reps.findIndex(({ begin, end }) => after.t >= begin && after.t <= end + 0.5);
  if (amount === null) return [];
  return [{ sign: 'hips before shoulders', rep: Math.max(0, rep), amount, against: 0 }];
}

export type Bench = ReturnType<typeof useBench>;
