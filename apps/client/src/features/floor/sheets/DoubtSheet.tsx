import { massText, typedMass, type Grams, type Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { TextField } from '../../../design/TextField';
import { Body } from '../../../design/Words';
import { useLane } from '../scene/lane-scene';
import { loadReps } from '../../../parts/words/load-words';

/** A load far above anything here is kept once it was typed a second time: no tap by habit keeps it. */
function TypeAgain({ loadG, unit, onKeep }: { loadG: Grams; unit: Unit; onKeep: () => void }) {
  const [typed, setTyped] = useState('');
  const again = typedMass(typed, unit);
  const alike = again !== null && massText(again, unit) === massText(loadG, unit);
  return (
    <>
      <TextField
        label={`If it is right, type the load again, ${unit}`}
        value={typed}
        onChange={setTyped}
        max={8}
        inputMode="decimal"
        problem={typed !== '' && again !== null && !alike ? `Not ${massText(loadG, unit)}` : null}
      />
      <Button label={`Keep ${massText(loadG, unit)}`} disabled={!alike} onPress={onKeep} />
    </>
  );
}

/** Asks back before a set is kept that is far from what is believed: a typed 200 for 20. */
export function DoubtSheet() {
  const { lane, sheets } = useLane();
  const { questioned, close } = sheets;
  if (!questioned) return null;
  const { doubt, asked, result, keep } = questioned;
  const { name } = lane;
  const { unit } = lane.session;
  const yes = () => {
    keep();
    close();
  };
  const say = (grams: number) => massText(Math.round(grams), unit);
  return (
    <Sheet title="Does this look right?" open onClose={close}>
      <Banner
        kind="wait"
        title={`${loadReps(result.loadG, result.reps, unit)} is far ${doubt.kind === 'heavy' ? 'above' : 'below'} ${asked.kind === 'warm-up' ? 'its plan' : `what ${name} is known for`}`}
      />
      <Body>
        {asked.kind === 'warm-up'
          ? `This warm-up set was planned with ${say(asked.loadG)}.`
          : `For these reps and reserve Spalo expects ${say(doubt.expected.mean)}, likely ${say(doubt.expected.low)} to ${say(doubt.expected.high)}. If it is right it is kept, and counts once it happens again.`}
      </Body>
      <Button kind="main" big label="Change it" onPress={close} />
      {doubt.far ? (
        <TypeAgain loadG={result.loadG} unit={unit} onKeep={yes} />
      ) : (
        <Button label={`Yes, ${massText(result.loadG, unit)} is right`} onPress={yes} />
      )}
    </Sheet>
  );
}
