import { spotText, type FlagOnLift } from '@spalo/core/person';
import { easedLoad } from '@spalo/core/session';
import { amid, massText } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { TextField } from '../../../design/TextField';
import { workingLoad, type LiftView } from '../../../parts/lane/lift-view';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';
import { SwapLift } from '../sheets/more/SwapLift';

/** What began to hurt since the session began, in a lift that loads the place: another lift, less load, or on with a reason. */
export function FlagCard({ view, asks }: { view: LiftView; asks: FlagOnLift }) {
  const { lane, actions } = useLane();
  const [swapping, setSwapping] = useState(false);
  const [reason, setReason] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const { flag, stress } = asks;
  const name = amid(view.lift.name);
  const goOn = () => {
    setTried(true);
    const why = reason?.trim();
    if (why) attempt(() => actions.goOnWith(view, flag, why));
  };
  return (
    <View className="gap-2">
      <Banner kind="stop" title={`New: ${spotText(flag)}. The ${name} loads it (${stress.how}).`} />
      <Button kind="main" big label="Another lift" onPress={() => setSwapping(true)} />
      <Button
        label={`Ease it: ${massText(easedLoad(view.loads, workingLoad(view)), lane.session.unit)}`}
        onPress={() => attempt(() => actions.easeFor(lane, view, flag))}
      />
      {reason === null ? (
        <Button label="Go on as planned" onPress={() => setReason('')} />
      ) : (
        <>
          <TextField
            label="Why it goes on as planned"
            value={reason}
            onChange={setReason}
            max={200}
            problem={tried && !reason.trim() ? 'A reason is needed' : null}
          />
          <Button label="Go on, with this reason" onPress={goOn} />
        </>
      )}
      {swapping && <SwapLift view={view} onDone={() => setSwapping(false)} />}
    </View>
  );
}
