import type { Style } from '@spalo/catalog';
import { phases } from '@spalo/core/technique';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { capital } from '../../design/sentence';
import { useWide } from '../../design/use-wide';
import { Quiet, Strong } from '../../design/Words';
import { Checklist } from '../../parts/lesson/Checklist';

const modes = [
  { value: false, label: 'Read' },
  { value: true, label: 'Practise' },
] as const;

/** A point whose answer stays hidden until it is asked for. */
function Hidden({ point }: { point: Style['checkpoints'][number] }) {
  const [shown, setShown] = useState(false);
  return (
    <View className="gap-1 rounded-2xl bg-card p-3">
      <Strong>{point.look}</Strong>
      <Quiet>{`${point.phase}, seen from: ${point.from}`}</Quiet>
      {shown ? (
        <>
          <Quiet className="text-ink">{point.right}</Quiet>
          <Quiet>{point.why}</Quiet>
        </>
      ) : (
        <Button
          label="What is right?"
          says={`What is right: ${point.look}`}
          className="self-start"
          onPress={() => setShown(true)}
        />
      )}
    </View>
  );
}

/** A style's checkpoints: one phase at a time on a phone, all of them when wide; or to practise, the answers hidden. */
export function LessonChecklist({ style }: { style: Style }) {
  const wide = useWide();
  const used = phases.filter((phase) => style.checkpoints.some((each) => each.phase === phase));
  const [practise, setPractise] = useState(false);
  const [chosen, setChosen] = useState(used[0]!);
  const phase = used.includes(chosen) ? chosen : used[0]!;
  const shown = wide ? style.checkpoints : style.checkpoints.filter((each) => each.phase === phase);
  return (
    <View className="gap-3">
      <Choice label="How to read" options={modes} value={practise} onChange={setPractise} />
      {!wide && (
        <Choice
          label="Phase"
          options={used.map((each) => ({ value: each, label: capital(each) }))}
          value={phase}
          onChange={setChosen}
          wrap
        />
      )}
      {practise ? (
        <View className="gap-2">
          {shown.map((point) => (
            <Hidden key={`${style.id}/${point.id}`} point={point} />
          ))}
        </View>
      ) : (
        <Checklist style={{ ...style, checkpoints: shown }} />
      )}
    </View>
  );
}
