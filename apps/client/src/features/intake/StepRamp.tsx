import { Pressable, View } from 'react-native';
import { Quiet } from '../../design/Words';

/** Steps of a form as a climb on the ground line: done solid, now marigold, coming outlined. Tap one to go there. */
export function StepRamp({
  steps,
  now,
  onOpen,
}: {
  steps: readonly string[];
  now: number;
  onOpen: (step: number) => void;
}) {
  return (
    <View role="list" className="flex-row border-b-[3px] border-ink">
      {steps.map((title, index) => {
        const state = index < now ? 'done' : index === now ? 'now' : 'to come';
        const look = {
          done: 'bg-warm-up border-warm-up',
          now: 'bg-marigold border-marigold',
          'to come': 'bg-card border-line',
        }[state];
        return (
          <View role="listitem" key={title} className="flex-1 justify-end">
            <Pressable
              role="button"
              aria-label={`Step ${index + 1}, ${title}, ${state}`}
              aria-current={state === 'now' ? 'step' : undefined}
              disabled={index > now}
              aria-disabled={index > now}
              onPress={() => onOpen(index)}
              className="min-h-tap justify-end"
            >
              <Quiet
                className={`text-center text-small ${state === 'now' ? 'font-strong text-ink' : ''}`}
              >
                {title}
              </Quiet>
              <View
                className={`rounded-t-lg border-2 border-b-0 ${look}`}
                style={{ height: 8 + index * 7 }}
              />
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}
