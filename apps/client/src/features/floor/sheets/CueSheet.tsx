import { cuesOf } from '@spalo/coaching';
import { memoryOf } from '@spalo/core/memory';
import { choiceGrounds, noTally } from '@spalo/core/technique';
import { Pressable, View } from 'react-native';
import { Sheet } from '../../../design/Sheet';
import { Quiet, Strong } from '../../../design/Words';
import { useLearned } from '../../../state/queries';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const kinds = {
  outside: 'about the bar, floor or wall',
  body: 'about the body',
  touch: 'by touch, with consent',
  picture: 'a picture',
} as const;

/** Cues of this style; what lands differs between people, so one tap takes another. */
export function CueSheet() {
  const { lane, sheets, actions } = useLane();
  const view = useLiftInHand();
  const learned = useLearned();
  const here = cuesOf(learned, view.lift.id);
  const own = (lane.client && memoryOf(lane.client.history, view.lift.id).cues) ?? {};
  const grounds = (cueId: string) => {
    const studio = here[cueId];
    return studio ? ` · ${choiceGrounds({ studio, own: own[cueId] ?? noTally }, lane.name)}` : '';
  };
  return (
    <Sheet title="One cue at a time" open onClose={sheets.close}>
      <View className="gap-2">
        {view.style.cues.map((cue) => {
          const taken = cue.id === view.state.focusCueId;
          return (
            <Pressable
              key={cue.id}
              role="button"
              aria-pressed={taken}
              aria-label={`Focus on: ${cue.text}`}
              onPress={() => sheets.closing(() => actions.giveCue(view.lift.id, cue.id))}
              className={`min-h-tap justify-center rounded-2xl border-2 px-4 py-2 active:opacity-80 ${
                taken ? 'border-ink bg-coming' : 'border-line bg-card'
              }`}
            >
              <Strong>{cue.text}</Strong>
              <Quiet>{`${kinds[cue.kind]}${grounds(cue.id)}`}</Quiet>
            </Pressable>
          );
        })}
      </View>
    </Sheet>
  );
}
