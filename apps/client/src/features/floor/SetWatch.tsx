import { faultOf, type Fault } from '@spalo/catalog';
import type { Mark } from '@spalo/core';
import { ScrollView, View } from 'react-native';
import { IconButton } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { RepRail } from '../../design/RepRail';
import { Quiet } from '../../design/Words';
import type { LiftView } from './lane-view';

/** Faults of the lift, those seen in this session first: the likeliest are at the thumb. */
export function likelyFaults(view: LiftView, past: readonly (string | null)[]): Fault[] {
  const seen = view.state.sets.flatMap((set) => set.marks.map((mark) => mark.faultId));
  const score = (fault: Fault) =>
    seen.filter((id) => id === fault.id).length * 2 + past.filter((id) => id === fault.id).length;
  return [...view.style.faults].sort((a, b) => score(b) - score(a));
}

const reserve = [0, 1, 2, 3, 4].map((value) => ({
  value,
  label: value === 4 ? '4+' : String(value),
  says: value === 4 ? '4 or more' : String(value),
}));

export interface Watched {
  reps: number;
  marks: Mark[];
  rir: number | null;
}

/** What is seen of a set: reps, which were not clean and why, and what was left. */
export function SetWatch({
  view,
  value,
  past,
  onChange,
}: {
  view: LiftView;
  value: Watched;
  past: readonly (string | null)[];
  onChange: (change: Partial<{ reps: number; marks: Mark[]; rir: number }>) => void;
}) {
  const { reps, marks, rir } = value;
  const faults = likelyFaults(view, past);
  const named = (faultId: string) => faultOf(view.style, faultId) ?? faults[0]!;
  const latest = marks.at(-1);
  const toggle = (rep: number) =>
    onChange({
      marks: marks.some((mark) => mark.rep === rep)
        ? marks.filter((mark) => mark.rep !== rep)
        : [...marks, { rep, faultId: latest?.faultId ?? faults[0]!.id }],
    });
  const rename = (faultId: string) =>
    onChange({ marks: marks.map((mark) => (mark === latest ? { ...mark, faultId } : mark)) });
  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between gap-2">
        <Quiet className="shrink">{'Tap a rep that was not clean'}</Quiet>
        <View className="flex-row gap-2">
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
      <RepRail
        reps={reps}
        marks={marks}
        glyphOf={(faultId) => named(faultId).glyph}
        faultName={(faultId) => named(faultId).name}
        onToggle={toggle}
      />
      {latest && (
        <ScrollView
          horizontal
          showsHorizontalScrollIndicator={false}
          role="group"
          aria-label={`What was seen in rep ${latest.rep}`}
          contentContainerClassName="gap-2 py-1"
        >
          {faults.map((fault) => (
            <Chip
              key={fault.id}
              label={fault.name}
              look={fault.id === latest.faultId ? 'taken' : 'plain'}
              pressed={fault.id === latest.faultId}
              onPress={() => rename(fault.id)}
            />
          ))}
        </ScrollView>
      )}
      {rir !== null && (
        <>
          <Quiet>Clean reps left in reserve</Quiet>
          <Choice
            label="Clean reps left in reserve"
            options={reserve}
            value={rir}
            figures
            onChange={(next) => onChange({ rir: next })}
          />
        </>
      )}
    </View>
  );
}
