import { percentText } from '@spalo/core/unit';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { Body, Figure, Quiet } from '../../design/Words';
import type { Bench, Tool } from './use-bench';
import { RepNumbersCard } from './RepNumbersCard';

const toolOptions: { value: Tool; label: string }[] = [
  { value: 'bar', label: 'Bar' },
  { value: 'joints', label: 'Joints' },
  { value: 'line', label: 'Line' },
  { value: 'angle', label: 'Angle' },
];
const facings = [
  { value: 'right', label: 'Faces right' },
  { value: 'left', label: 'Faces left' },
] as const;

/** Where the bar is, how large its plate is and which way the lifter faces: then it is followed. */
function ToFollow({
  bench,
  plates,
  onFollow,
}: {
  bench: Bench;
  plates: readonly number[];
  onFollow: () => void;
}) {
  const { hands, setHands, progress } = bench;
  const busy = progress !== null;
  return (
    <View className="gap-3">
      <Body>
        Put the ring on the plate and the dashed line through the middle of the foot. A finger may
        start anywhere: the nearest point goes with it.
      </Body>
      <Choice
        label="Which way the lifter faces"
        options={facings}
        value={hands.facing}
        onChange={(facing) => setHands({ ...hands, facing })}
      />
      {plates.length > 1 && (
        <Choice
          label="Plate’s diameter"
          wrap
          options={plates.map((mm) => ({ value: mm, label: `${mm / 10} cm` }))}
          value={hands.plateMm}
          onChange={(plateMm) => setHands({ ...hands, plateMm })}
        />
      )}
      <Button
        kind="main"
        big
        label={busy ? `Following… ${percentText(progress)}` : 'Follow the bar'}
        disabled={busy}
        onPress={onFollow}
      />
    </View>
  );
}

function Followed({ bench }: { bench: Bench }) {
  const { reps, rep, chooseRep } = bench;
  const now = reps[rep];
  return (
    <View className="gap-3">
      {reps.length === 0 ? (
        <Body>No whole rep is in this film.</Body>
      ) : (
        <Choice
          label="Rep"
          wrap
          figures
          options={reps.map((_each, at) => ({
            value: at,
            label: String(at + 1),
            says: `Rep ${at + 1}`,
          }))}
          value={rep}
          onChange={chooseRep}
        />
      )}
      {now && <RepNumbersCard rep={now} />}
      {bench.computed && (
        <Chip
          label="Computed set-up over it"
          look={bench.computed.shown ? 'taken' : 'plain'}
          pressed={bench.computed.shown}
          onPress={bench.computed.turn}
        />
      )}
      <Button label="Follow again" onPress={bench.followAgain} />
    </View>
  );
}

function Joints({ bench }: { bench: Bench }) {
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-x-4">
        {bench.says.map((line) => (
          <Figure key={line}>{line}</Figure>
        ))}
      </View>
      <Quiet>
        Put the joints on as the rep leaves the bottom, hold that, go on a few pictures and put them
        on again: it says whether the hips went first.
      </Quiet>
      <Button
        label={
          bench.held ? `Held at ${bench.held.t.toFixed(2)} s; hold anew` : 'Hold this position'
        }
        onPress={bench.hold}
      />
    </View>
  );
}

/** The tools of the film bench, and what the one in hand asks and says. */
export function ToolPanel(props: {
  bench: Bench;
  plates: readonly number[];
  onFollow: () => void;
}) {
  const { bench } = props;
  return (
    <View className="gap-3">
      <Choice label="Tool" options={toolOptions} value={bench.tool} onChange={bench.setTool} />
      {bench.tool === 'bar' &&
        (bench.followed ? <Followed bench={bench} /> : <ToFollow {...props} />)}
      {bench.tool === 'joints' && <Joints bench={bench} />}
      {(bench.tool === 'line' || bench.tool === 'angle') && (
        <View className="flex-row flex-wrap gap-x-4">
          {bench.says.map((line) => (
            <Figure key={line}>{line}</Figure>
          ))}
        </View>
      )}
    </View>
  );
}
