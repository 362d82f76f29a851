import {
  poseAt,
  poseOf,
  type Built,
  type Pose,
  type Position,
  type Stance,
} from '@spalo/coaching/build';
import type { BodyLengths } from '@spalo/core/geometry';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { LifterFigure } from '../../design/LifterFigure';
import { Body } from '../../design/Words';

/** One way there and back, ms. */
const WAY_MS = 3200;
/** Where who asks for less motion is shown the way: at these places, one a tap. */
const STEPS = [0, 0.5, 1];

const stillAsked = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** The trunk's angle as it is spoken of: from upright in a squat, from the floor in a pull. */
function trunkOf({ hip, shoulder }: Pose, position: Position): string {
  const lean = (Math.atan2(shoulder.x - hip.x, shoulder.y - hip.y) * 180) / Math.PI;
  return `${Math.round('squat' in position ? lean : 90 - lean)}°`;
}

/** Where on its way the figure stands: moved while it is shown the way, else at the position that is looked at. */
function useWay() {
  const [share, setShare] = useState(1);
  const [running, setRunning] = useState(false);
  useEffect(() => {
    if (!running) return undefined;
    const began = performance.now();
    let frame = 0;
    const step = (now: number) => {
      const done = (now - began) / WAY_MS;
      if (done >= 1) {
        setShare(1);
        setRunning(false);
        return;
      }
      setShare((1 + Math.cos(2 * Math.PI * done)) / 2);
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [running]);
  const show = () => {
    if (!stillAsked()) setRunning(true);
    else setShare(STEPS[(STEPS.indexOf(share) + 1) % STEPS.length] ?? 1);
  };
  return { share, show };
}

/** A body in a computed set-up, with its angles and the way there; another behind it to compare with. */
export function SetUpFigure({
  client,
  body,
  position,
  stance,
  beside,
  says,
}: {
  client: Built;
  body: BodyLengths;
  position: Position;
  stance?: Stance;
  /** Another body in the same position, or the same body in another: drawn behind. */
  beside?: Pose | null;
  says: string;
}) {
  const { share, show } = useWay();
  const there = poseOf(client, body, position, stance);
  if (!there) return <Body>This body cannot reach it: a higher start, or another style.</Body>;
  const standing = poseAt(client, body, position, 0, stance);
  const now = share === 1 ? there : (poseAt(client, body, position, share, stance) ?? there);
  const isThere = share === 1;
  return (
    <View className="gap-2">
      <LifterFigure
        pose={now}
        {...(beside && isThere && { beside })}
        room={isThere || !standing ? [there] : [there, standing]}
        marks={isThere ? [{ at: there.hip, text: trunkOf(there, position) }] : []}
        says={says}
      />
      <Button label="Show the way" onPress={show} className="self-start" />
    </View>
  );
}
