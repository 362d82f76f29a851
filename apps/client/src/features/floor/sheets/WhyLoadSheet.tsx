import { evidenceOf } from '@spalo/core/memory';
import { amid, massText, studioDay } from '@spalo/core/unit';
import type { RampKind } from '@spalo/core/warm-up';
import { whyText } from '@spalo/core/words';
import { View } from 'react-native';
import { BeliefBand } from '../../../design/BeliefBand';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { Body, Quiet, Strong } from '../../../design/Words';
import { rampWords } from '../../../parts/words/ramp-words';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { clock } from '../../../design/clock';
import { loadReps, rirText } from '../../../parts/words/load-words';

/** A ramp in one sentence. */
const rampText = (kind: RampKind) => `${rampWords[kind].name}: ${rampWords[kind].what}`;

/** Where a load comes from: the reason, the belief with its range, the ramp's rule, and the sets behind it. */
export function WhyLoadSheet() {
  const { lane, actions, sheets } = useLane();
  const view = useLiftInHand();
  const { plan } = view.state;
  const { unit } = lane.session;
  const now = lane.strength.loadFor(view.lift, plan.reps, plan.targetRir);
  const shownG = view.next.kind === 'step' ? view.next.set.loadG : plan.loadG;
  const say = (grams: number) => massText(Math.round(grams), unit);
  const sets = [...(lane.client?.history.evidence ?? []), ...evidenceOf(lane.session)]
    .filter((set) => set.liftId === view.lift.id)
    .slice(-6);
  return (
    <Sheet title="Why this load" open onClose={sheets.close}>
      {view.next.kind === 'step' && <Strong>{`${whyText(view.next.why, unit)}.`}</Strong>}
      <Body>{`Planned: ${amid(whyText(plan.why, unit))}.`}</Body>
      <View className="gap-1">
        <Quiet>{`What ${lane.name} can likely do for ${plan.reps} clean with ${plan.targetRir} left, today’s sets included`}</Quiet>
        <BeliefBand belief={now} load={shownG} text={say} />
      </View>
      {lane.client && <Button label="What moved it" onPress={() => sheets.open('estimate')} />}
      <Body>{`${plan.climb ? 'Climb: a light first set, then up by what is left, until three are' : rampText(view.state.rampChoice?.kind ?? plan.ramp)}.`}</Body>
      <View className="gap-1">
        <Strong>Sets behind it</Strong>
        {sets.length === 0 && <Body>None yet: the first sets today move it fast.</Body>}
        {sets.toReversed().map((set) => (
          <Body key={set.at}>
            {`${studioDay(set.at)}  ${loadReps(set.loadG, set.cleanReps, unit)}${set.rir === null ? '' : `, ${rirText(set.rir)}`}`}
          </Body>
        ))}
      </View>
      {view.next.kind === 'step' && <Quiet>{`Rest after it: ${clock(view.next.set.restS)}`}</Quiet>}
      <Button
        label="Add a working set"
        icon="plus"
        onPress={() => sheets.closing(() => actions.addSet(view))}
      />
    </Sheet>
  );
}
