import { Pressable, View } from 'react-native';
import { Sheet } from '../../design/Sheet';
import { Quiet, Strong } from '../../design/Words';
import type { LiftView } from './lane-view';

const kinds = {
  outside: 'about the bar, floor or wall',
  body: 'about the body',
  touch: 'by touch, with consent',
  picture: 'a picture',
} as const;

/** Cues of this style; what lands differs between people, so one tap takes another. */
export function CueSheet({
  view,
  onClose,
  onPick,
}: {
  view: LiftView;
  onClose: () => void;
  onPick: (cueId: string) => void;
}) {
  return (
    <Sheet title="One cue at a time" open onClose={onClose}>
      <View className="gap-2">
        {view.style.cues.map((cue) => {
          const taken = cue.id === view.state.focusCueId;
          return (
            <Pressable
              key={cue.id}
              role="button"
              aria-pressed={taken}
              aria-label={`Focus on: ${cue.text}`}
              onPress={() => onPick(cue.id)}
              className={`min-h-tap justify-center rounded-2xl border-2 px-4 py-2 active:opacity-80 ${
                taken ? 'border-ink bg-coming' : 'border-line bg-card'
              }`}
            >
              <Strong>{cue.text}</Strong>
              <Quiet>{kinds[cue.kind]}</Quiet>
            </Pressable>
          );
        })}
      </View>
    </Sheet>
  );
}
