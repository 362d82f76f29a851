import { findLift } from '@spalo/catalog';
import type { BlockView } from '@spalo/coaching/blocks';
import { askOf, type Ask, type BlockState } from '@spalo/core/block';
import { HELD_STEP } from '@spalo/core/lift';
import type { Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import { dayText } from './block-words';
import type { ChangeBlock } from './change-block';

const reserve = [0, 1, 2, 3, 4].map((value) => ({ value, label: String(value) }));
const LIGHT = 0.9;
const MOST = { sets: 12, reps: 100 };
const kinds = [
  { value: 'heavy', label: 'Heavy' },
  { value: 'light', label: 'Light' },
  { value: 'rest', label: 'Rests' },
] as const;
type Kind = (typeof kinds)[number]['value'];

const kindOf = (ask: Ask | null): Kind =>
  !ask ? 'rest' : (ask.share ?? 1) < 1 ? 'light' : 'heavy';
const usual: Ask = { sets: 3, reps: 8, targetRir: 2 };

/** The same sets and reps as another kind of day. */
function asKind(ask: Ask | null, kind: Kind): Ask | null {
  if (kind === 'rest') return null;
  const { share: _share, ...heavy } = ask ?? usual;
  return kind === 'light' ? { ...heavy, share: LIGHT } : heavy;
}

function Count({
  label,
  value,
  by = 1,
  most,
  onChange,
}: {
  label: string;
  value: number;
  by?: number;
  most: number;
  onChange: (value: number) => void;
}) {
  return (
    <Stepper
      label={label}
      value={String(value)}
      less={value > by ? () => onChange(value - by) : null}
      more={value + by <= most ? () => onChange(value + by) : null}
    />
  );
}

/** What one session of the week asks of the lift. */
function DayAsk({
  title,
  ask,
  counted,
  onChange,
}: {
  title: string;
  ask: Ask | null;
  counted: string | null;
  onChange: (ask: Ask | null) => void;
}) {
  return (
    <View className="gap-2 border-b border-line pb-4">
      <Strong>{title}</Strong>
      <Choice
        label={`${title}: heavy, light or rest`}
        options={kinds}
        value={kindOf(ask)}
        onChange={(kind) => onChange(asKind(ask, kind))}
      />
      {ask && (
        <>
          <View className="flex-row flex-wrap gap-4">
            <Count
              label="Sets"
              value={ask.sets}
              most={MOST.sets}
              onChange={(sets) => onChange({ ...ask, sets })}
            />
            <Count
              label={counted ?? 'Reps'}
              value={ask.reps}
              by={counted ? HELD_STEP : 1}
              most={MOST.reps}
              onChange={(reps) => onChange({ ...ask, reps })}
            />
          </View>
          {!counted && <Quiet>Clean reps to leave in reserve</Quiet>}
          {!counted && (
            <Choice
              label={`${title}: clean reps to leave in reserve`}
              options={reserve}
              value={ask.targetRir}
              figures
              onChange={(targetRir) => onChange({ ...ask, targetRir })}
            />
          )}
        </>
      )}
    </View>
  );
}

/** A lift's week in a block: what each session of it asks. Sessions that are over stay as they were. */
export function WeekSheet({
  block,
  view,
  liftId,
  week,
  unit,
  change,
  onClose,
}: {
  block: BlockState;
  view: BlockView;
  liftId: string;
  week: number;
  unit: Unit;
  change: ChangeBlock;
  onClose: () => void;
}) {
  const lift = findLift(liftId);
  const days =
    view.lifts.find((each) => each.liftId === liftId)?.days.filter((day) => day.week === week) ??
    [];
  const open = days.filter(({ over }) => !over).map(({ day }) => day);
  const [asks, setAsks] = useState(() =>
    Object.fromEntries(open.map((day) => [day, askOf(block, liftId, { week, day })])),
  );
  if (!lift) return null;
  const changed = open.filter(
    (day) => JSON.stringify(asks[day]) !== JSON.stringify(askOf(block, liftId, { week, day })),
  );
  const keep = () =>
    attempt(async () => {
      for (const day of changed) {
        await change(
          'block.asked',
          { liftId, week, day, ask: asks[day] ?? null },
          `Week ${week + 1} changed`,
        );
      }
      onClose();
    });
  return (
    <Sheet title={`${lift.name}, week ${week + 1}`} open onClose={onClose}>
      {days.map((day) => (
        <Quiet key={day.day} className="text-ink">
          {`Session ${day.day + 1}: ${dayText(day, lift, unit)}`}
        </Quiet>
      ))}
      {open.map((day) => (
        <DayAsk
          key={day}
          title={`Session ${day + 1}`}
          ask={asks[day] ?? null}
          counted={lift.counted === 'reps' ? null : lift.counted}
          onChange={(ask) => setAsks({ ...asks, [day]: ask })}
        />
      ))}
      {open.length > 0 ? (
        <Button
          kind="main"
          big
          label="Save this week"
          disabled={changed.length === 0}
          onPress={keep}
        />
      ) : (
        <Quiet>This week is over.</Quiet>
      )}
    </Sheet>
  );
}
