import { degreeOfPain, type Flag, isRedPlace } from '@spalo/core/person';
import { View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Quiet } from '../../design/Words';
import { flagMeans } from '../words/flag-words';
import { jointOptions, sideOptions } from '../words/place-options';

/** Places that have no two sides. */
const inMiddle = (place: Flag['place'] | null) =>
  place === 'neck' || place === 'upper back' || place === 'low back';

const scores = Array.from({ length: 11 }, (_, value) => ({
  value,
  label: String(value),
  says: `${value} of 10 now`,
}));

/** What is said of a flag first; null while nobody said. */
interface Where {
  place: Flag['place'] | null;
  side: Flag['side'] | null;
  /** How much it hurts now, 0–10. */
  now: number | null;
}

/** How strong it is now, what that changes, and where: nothing is chosen before somebody says so. */
export function FlagWhere({
  place,
  side,
  now,
  onChange,
}: Where & { onChange: (part: Partial<Where>) => void }) {
  const isRed = place !== null && isRedPlace(place);
  return (
    <>
      {!isRed && (
        <View className="gap-2">
          <Quiet>How strong is it now, of 10?</Quiet>
          <Choice
            label="Pain now"
            options={scores}
            value={now}
            onChange={(score) => onChange({ now: score })}
            figures
            wrap
          />
          {now !== null && (
            <Quiet className="text-ink">
              {`${flagMeans[degreeOfPain({ score: now, kind: 'ache' })]}.`}
            </Quiet>
          )}
          <Choice<Flag['place']>
            label="Place"
            options={jointOptions}
            value={place}
            onChange={(taken) =>
              onChange({
                place: taken,
                side: inMiddle(taken) ? 'none' : side === 'none' ? null : side,
              })
            }
            wrap
          />
        </View>
      )}
      {!inMiddle(place) && (
        <Choice
          label="Side"
          options={isRed ? sideOptions : sideOptions.filter(({ value }) => value !== 'none')}
          value={side}
          onChange={(taken) => onChange({ side: taken })}
        />
      )}
    </>
  );
}
