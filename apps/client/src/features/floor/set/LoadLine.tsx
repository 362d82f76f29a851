import { reserveAsked } from '@spalo/core/floor';
import { amountText } from '@spalo/core/lift';
import { massNumber } from '@spalo/core/unit';
import { Pressable, View } from 'react-native';
import { changeText } from '../../../design/load-text';
import { capital } from '../../../design/sentence';
import { useSpace } from '../../../design/use-space';
import { Figure, Quiet, Strong } from '../../../design/Words';
import { loadUnit } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { LackingNote } from './LackingNote';
import { setText } from './set-text';

/** The load and reps of the set that is on, in one line, with what to leave and what was to change for it; a tap turns back to them. */
export function LoadLine() {
  const { lane, actions, turn } = useLane();
  const { least } = useSpace();
  const view = useLiftInHand();
  if (view.next.kind !== 'step') return null;
  const { set } = view.next;
  const { unit } = lane.session;
  const { counted } = view.state.plan;
  const reserve = set.kind === 'working' ? reserveAsked(view.state.plan) : null;
  const change = view.build ? changeText(view.build, view.onBar) : '';
  const load =
    counted && set.loadG === 0
      ? ''
      : `${massNumber(set.loadG, unit)} ${loadUnit(view.lift, unit)} × `;
  const amount = counted ? amountText(set.reps, counted) : String(set.reps);
  return (
    <>
      <Pressable
        role="button"
        aria-label={`${setText(view)}: ${load}${amount}. Back to the load`}
        aria-keyshortcuts="t"
        onPress={() => turn('between')}
        className="min-h-tap justify-center active:opacity-80"
      >
        <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
          <Figure className={least ? 'text-figure' : 'text-large leading-[2.5rem]'}>
            {`${load}${amount}`}
          </Figure>
          {reserve !== null && (
            <Figure className={`text-marigold-text ${least ? 'text-lead' : ''}`}>
              {`leave ${reserve}`}
            </Figure>
          )}
        </View>
        {change === '' ? (
          !(least && reserve !== null) && <Quiet numberOfLines={1}>{setText(view)}</Quiet>
        ) : (
          <Strong numberOfLines={1} className="text-small text-marigold-text">
            {capital(change)}
          </Strong>
        )}
      </Pressable>
      {view.lacking && (
        <LackingNote
          lacking={view.lacking}
          unit={unit}
          onTake={(loadG) => attempt(() => actions.changeLoad(lane, view, loadG))}
        />
      )}
    </>
  );
}
