import { amid } from '@spalo/core/unit';
import { stylesOf } from '@spalo/catalog';
import { suggestStyle } from '@spalo/coaching/style';
import { View } from 'react-native';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** The styles of the lift in hand, with the one that is suggested for this client and why. */
export function StyleChoice() {
  const { lane, actions } = useLane();
  const { lift, style } = useLiftInHand();
  const styles = stylesOf(lift.id);
  const suggested = lane.client ? suggestStyle(lift.id, lane.client) : null;
  if (styles.length < 2) return null;
  const choose = (styleId: string) => {
    const [cue] = styles.find(({ id }) => id === styleId)?.cues ?? [];
    if (cue && styleId !== style.id) {
      attempt(() => actions.chooseStyle(lift.id, styleId, cue.id));
    }
  };
  return (
    <View className="gap-1">
      <Choice
        label="Style"
        options={styles.map(({ id, name }) => ({ value: id, label: name }))}
        value={style.id}
        onChange={choose}
        wrap
      />
      {suggested && <Quiet>{`Suggested: ${amid(suggested.style.name)}. ${suggested.why}.`}</Quiet>}
    </View>
  );
}
