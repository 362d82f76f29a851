import { massText, type Doubt, type SetResult, type Unit } from '@spalo/core';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { Body } from '../../design/Words';
import { loadReps } from './words';

/** Asks back before a set is kept that is far from what is believed: a typed 200 for 20. */
export function DoubtSheet({
  doubt,
  result,
  unit,
  name,
  onKeep,
  onChange,
}: {
  doubt: Doubt;
  result: SetResult;
  unit: Unit;
  name: string;
  onKeep: () => void;
  onChange: () => void;
}) {
  const say = (grams: number) => massText(Math.round(grams), unit);
  return (
    <Sheet title="Does this look right?" open onClose={onChange}>
      <Banner
        kind="wait"
        title={`${loadReps(result.loadG, result.reps, unit)} is far ${doubt.kind === 'heavy' ? 'above' : 'below'} what ${name} is known for`}
      />
      <Body>
        {`For these reps and reserve Spalo expects ${say(doubt.expected.mean)}, likely ${say(doubt.expected.low)} to ${say(doubt.expected.high)}. If it is right it is kept, and counts once it happens again.`}
      </Body>
      <Button kind="main" big label="Change it" onPress={onChange} />
      <Button label={`Yes, ${massText(result.loadG, unit)} is right`} onPress={onKeep} />
    </Sheet>
  );
}
