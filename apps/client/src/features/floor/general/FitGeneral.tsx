import { refit } from '@spalo/core/floor';
import { generalSeconds, type GeneralInput } from '@spalo/core/warm-up';
import { useState } from 'react';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Quiet, Strong } from '../../../design/Words';
import { minutesText } from '../../../parts/words/ramp-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

const MINUTES = [5, 8, 12] as const;

/** The general part brought into the minutes that there are; says what went. */
export function FitGeneral({ input }: { input: GeneralInput }) {
  const { lane, actions } = useLane();
  const [note, setNote] = useState<string | null>(null);
  const open = lane.general.steps.filter((step) => step.state === 'open');
  const fit = (minutes: number | null) => {
    const built = refit(lane.session, { ...input, minutes });
    const gone = built.dropped.length > 0 ? ` Left out: ${built.dropped.join(', ')}.` : '';
    const takes = minutesText(built.seconds);
    setNote(
      `${built.fits ? `${takes} to go` : `The least that makes sense takes ${takes}`}.${gone}`,
    );
    attempt(() => actions.planGeneral(built.steps));
  };
  return (
    <View role="group" aria-label="Minutes for the general warm-up" className="gap-2">
      <Quiet>{`${minutesText(generalSeconds(open))} to go. Fit it into`}</Quiet>
      <View className="flex-row flex-wrap gap-2">
        {MINUTES.map((minutes) => (
          <Chip key={minutes} label={`${minutes} min`} onPress={() => fit(minutes)} />
        ))}
        <Chip label="Whole" says="As long as it takes" onPress={() => fit(null)} />
      </View>
      {note && (
        <Strong role="status" className="text-small">
          {note}
        </Strong>
      )}
    </View>
  );
}
