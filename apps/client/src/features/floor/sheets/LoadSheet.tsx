import { around } from '@spalo/core/loads';
import { massNumber } from '@spalo/core/unit';
import { Pressable, View } from 'react-native';
import { buildText } from '../../../design/load-text';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { Body, Figure, Quiet } from '../../../design/Words';
import { workingLoad, type LiftView } from '../../../parts/lane/lift-view';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { TypedLoad } from './TypedLoad';

const AROUND = 6;

/** The loads that exist near the planned one: a tap takes it. */
function LoadsAround({ view, onPick }: { view: LiftView; onPick: (loadG: number) => void }) {
  const { unit } = useLane().lane.session;
  const now = view.next.kind === 'step' ? view.next.set.loadG : 0;
  const near = around(view.loads, now, AROUND);
  return (
    <View className="gap-2">
      {near.map((load) => {
        const taken = load.loadG === now;
        return (
          <Pressable
            key={load.loadG}
            role="button"
            aria-label={`Take ${massNumber(load.loadG, unit)} ${unit}`}
            aria-pressed={taken}
            onPress={() => onPick(load.loadG)}
            className={`min-h-tap flex-row items-center gap-4 rounded-2xl border-2 px-4 py-1 active:opacity-80 ${
              taken ? 'border-ink bg-coming' : 'border-line bg-card'
            }`}
          >
            <Figure className="min-w-[4.5rem]">{massNumber(load.loadG, unit)}</Figure>
            <Quiet className="shrink">{buildText(load.build, null)}</Quiet>
          </Pressable>
        );
      })}
      {near.length === 0 && <Body>This room has nothing to load this lift with.</Body>}
    </View>
  );
}

/** Another load for the next set: typed, or from those that exist nearby; and a way to the working sets as a whole. */
export function LoadSheet() {
  const { lane, actions, sheets } = useLane();
  const view = useLiftInHand();
  const pick = (loadG: number) => sheets.closing(() => actions.changeLoad(lane, view, loadG));
  return (
    <Sheet title="Load for the next set" open onClose={sheets.close}>
      <TypedLoad view={view} onPick={pick} />
      <LoadsAround view={view} onPick={pick} />
      <Button
        label={`Working sets today, at ${massNumber(workingLoad(view), lane.session.unit)}`}
        onPress={() => sheets.open('today')}
      />
    </Sheet>
  );
}
