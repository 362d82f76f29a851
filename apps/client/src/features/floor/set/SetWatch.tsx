import { faultOf, type Glyph, type TaughtFault } from '@spalo/catalog';
import type { Watched } from '@spalo/core/floor';
import { countedSets, type Mark, type SetResult } from '@spalo/core/session';
import { ScrollView, View } from 'react-native';
import { IconButton } from '../../../design/Button';
import { Chip } from '../../../design/Chip';
import { Choice } from '../../../design/Choice';
import { RepRail } from '../../../design/RepRail';
import { useHand } from '../../../design/use-hand';
import { useSpace } from '../../../design/use-space';
import { Quiet } from '../../../design/Words';
import { CountReps } from './CountReps';
import { HeldWatch } from './HeldWatch';
import type { LiftView } from '../../../parts/lane/lift-view';

type Past = readonly (string | null)[];

/** Faults of the lift, those seen in this session first: the likeliest are at the thumb. */
function likelyFaults(view: LiftView, past: Past): TaughtFault[] {
  const seen = countedSets(view.state).flatMap((set) => set.marks.map((mark) => mark.faultId));
  const score = (fault: TaughtFault) =>
    seen.filter((id) => id === fault.id).length * 2 + past.filter((id) => id === fault.id).length;
  return [...view.style.faults].sort((a, b) => score(b) - score(a));
}

/** What a mark is called and drawn as: as unknown where no version of the lesson knows its fault. */
function shownMark({ state }: LiftView, mark: Mark): { glyph: Glyph | null; name: string } {
  const { liftId, styleId } = state.plan;
  return (
    faultOf(liftId, mark.styleId ?? styleId, mark.faultId) ?? { glyph: null, name: 'Unknown fault' }
  );
}

const reserve = [0, 1, 2, 3, 4].map((value) => ({
  value,
  label: value === 4 ? '4+' : String(value),
  says: value === 4 ? '4 or more' : String(value),
}));

/** One rep fewer or more than planned, or counted as they happen. */
function RepCount({
  value: { reps, marks },
  short,
  onChange,
  onCount,
}: {
  value: Pick<SetResult, 'reps' | 'marks'>;
  /** There is room for a word only. */
  short: boolean;
  onChange: (change: Watched) => void;
  onCount?: () => void;
}) {
  const { row } = useHand();
  return (
    <View className={`${row} items-center justify-between gap-2`}>
      <Quiet className="shrink">{short ? 'Reps' : 'Tap a rep that was not clean'}</Quiet>
      <View className="flex-row gap-2">
        {onCount && (
          <Chip label="Count" says="Count reps as they happen" shortcut="c" onPress={onCount} />
        )}
        <IconButton
          icon="minus"
          label="One rep fewer"
          onPress={() =>
            onChange({
              reps: Math.max(0, reps - 1),
              marks: marks.filter((mark) => mark.rep < reps),
            })
          }
        />
        <IconButton
          icon="plus"
          label="One rep more"
          onPress={() => onChange({ reps: Math.min(100, reps + 1) })}
        />
      </View>
    </View>
  );
}

/** What was seen in the rep that was marked last. */
function FaultChoice({
  mark,
  faults,
  onTake,
  onHelp,
}: {
  mark: Mark;
  faults: readonly TaughtFault[];
  onTake: (faultId: string) => void;
  /** Opens what helps against the fault; left out where a set is only corrected. */
  onHelp?: (faultId: string) => void;
}) {
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      role="group"
      aria-label={`What was seen in rep ${mark.rep}`}
      contentContainerClassName="gap-2 py-1"
    >
      {onHelp && <Chip label="What helps" icon="checklist" onPress={() => onHelp(mark.faultId)} />}
      {faults.map((fault) => (
        <Chip
          key={fault.id}
          label={fault.name}
          look={fault.id === mark.faultId ? 'taken' : 'plain'}
          pressed={fault.id === mark.faultId}
          onPress={() => onTake(fault.id)}
        />
      ))}
    </ScrollView>
  );
}

/** How many clean reps were left. */
function Reserve({
  rir,
  short,
  onChange,
}: {
  rir: number;
  short: boolean;
  onChange: (change: Watched) => void;
}) {
  return (
    <>
      {!short && <Quiet>Clean reps in reserve</Quiet>}
      <Choice
        label="Clean reps in reserve"
        options={reserve}
        value={rir}
        figures
        onChange={(next) => onChange({ rir: next })}
      />
    </>
  );
}

/** What is seen of a set: reps, which were not clean and why, and what was left. */
export function SetWatch({
  view,
  value,
  past,
  onChange,
  onHelp,
  watched,
  large = false,
}: {
  view: LiftView;
  value: Pick<SetResult, 'reps' | 'marks' | 'rir'>;
  past: Past;
  onChange: (change: Watched) => void;
  onHelp?: (faultId: string) => void;
  /** What was seen so far of a set that is on: its reps can be counted. */
  watched?: Watched;
  /** The screen is for the set: its reps are large. */
  large?: boolean;
}) {
  const { reps, marks, rir } = value;
  const faults = likelyFaults(view, past);
  const latest = marks.at(-1);
  const styleId = view.style.id;
  const { counted } = view.state.plan;
  const { least } = useSpace();
  if (counted) {
    return (
      <HeldWatch
        // Another set has a clock of its own.
        key={`${view.lift.id}/${countedSets(view.state).length}`}
        value={value}
        counted={counted}
        faults={faults}
        styleId={styleId}
        onChange={onChange}
        onHelp={onHelp}
      />
    );
  }
  const toggle = (rep: number) => {
    const faultId = latest?.faultId ?? faults[0]?.id;
    const marked = marks.some((mark) => mark.rep === rep);
    if (marked) onChange({ marks: marks.filter((mark) => mark.rep !== rep) });
    else if (faultId) onChange({ marks: [...marks, { rep, faultId, styleId }] });
  };
  const rename = (faultId: string) =>
    onChange({
      marks: marks.map((mark) => (mark === latest ? { ...mark, faultId, styleId } : mark)),
    });
  return (
    <View className="gap-1">
      {watched?.counting ? (
        <CountReps
          watched={watched}
          planned={view.next.kind === 'step' ? view.next.set.reps : reps}
          sided={view.lift.oneSided === true}
          marked={marks.some(({ rep }) => rep === watched.reps)}
          onChange={onChange}
          onMark={toggle}
        />
      ) : (
        <>
          <RepCount
            value={value}
            short={least}
            onChange={onChange}
            onCount={
              watched &&
              (() => onChange({ counting: true, firstSide: undefined, reps: 0, marks: [] }))
            }
          />
          <RepRail
            reps={reps}
            large={large}
            marks={marks.map((mark) => ({ rep: mark.rep, ...shownMark(view, mark) }))}
            onToggle={toggle}
          />
        </>
      )}
      {latest && <FaultChoice mark={latest} faults={faults} onTake={rename} onHelp={onHelp} />}
      {rir !== null && <Reserve rir={rir} short={least} onChange={onChange} />}
    </View>
  );
}
