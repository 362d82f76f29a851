import { cueOf, liftById, styleOf } from '@spalo/catalog';
import { massNumber, type Draft, type Unit } from '@spalo/core';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Figure, Quiet, Strong } from '../../design/Words';
import { loadUnit } from '../floor/words';

/** What a session holds, lift by lift: load, reps, focus, and where the load comes from. */
export function SessionPlan({ draft, unit }: { draft: Draft; unit: Unit }) {
  return (
    <View className="gap-3">
      {draft.lifts.map((plan) => {
        const lift = liftById(plan.liftId);
        const style = styleOf(lift.id, plan.styleId);
        const cue = cueOf(style, plan.focusCueId);
        return (
          <View key={plan.liftId} className="gap-1 border-b-2 border-line pb-2">
            <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
              <Strong>{lift.name}</Strong>
              <View className="flex-row items-baseline gap-1">
                <Figure>{massNumber(plan.loadG, unit)}</Figure>
                <Quiet>{loadUnit(lift, unit)}</Quiet>
                <Figure>{`× ${plan.reps}`}</Figure>
                <Quiet>{`· ${plan.sets} sets`}</Quiet>
              </View>
            </View>
            {cue && (
              <Quiet>{`Focus: ${cue.text.charAt(0).toLowerCase()}${cue.text.slice(1)}`}</Quiet>
            )}
            <Quiet>{`${plan.why}.`}</Quiet>
          </View>
        );
      })}
      {draft.closed.map((lift) => (
        <Banner key={lift.liftId} kind="stop" title={`${liftById(lift.liftId).name} is left out`}>
          {lift.why}
        </Banner>
      ))}
    </View>
  );
}
