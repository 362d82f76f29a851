import type { LoadBelief } from '@spalo/core/lift';
import { View } from 'react-native';
import { Quiet } from './Words';

const percent = (share: number): `${number}%` =>
  `${Math.round(Math.min(1, Math.max(0, share)) * 1000) / 10}%`;

/** The range of an estimate, drawn: the 80 % interval as a band, the proposed load as a mark on it. */
export function BeliefBand({
  belief,
  load,
  text,
  bare = false,
}: {
  belief: LoadBelief;
  load: number;
  text: (grams: number) => string;
  /** Without its figures below: they stand in words beside it. */
  bare?: boolean;
}) {
  const from = Math.min(belief.low, load) * 0.9;
  const to = Math.max(belief.high, load) * 1.05;
  const at = (grams: number) => (grams - from) / (to - from);
  // Two labels under a narrow band would run into each other.
  const apart = at(belief.high) - at(belief.low) > 0.5;
  return (
    <View
      role="img"
      aria-label={`Likely between ${text(belief.low)} and ${text(belief.high)}; proposed ${text(load)}`}
    >
      <View className="h-6 justify-center">
        <View className="h-1 rounded-full bg-line" />
        <View
          className="absolute h-4 rounded-full bg-warm-up"
          style={{
            left: percent(at(belief.low)),
            width: percent(at(belief.high) - at(belief.low)),
          }}
        />
        <View
          className="absolute h-6 w-1.5 rounded-full bg-ink"
          style={{ left: percent(at(load)) }}
        />
      </View>
      {!bare && (
        <View className="h-6">
          {apart ? (
            <>
              <Quiet className="absolute" style={{ left: percent(at(belief.low)) }}>
                {text(belief.low)}
              </Quiet>
              <Quiet className="absolute" style={{ right: percent(1 - at(belief.high)) }}>
                {text(belief.high)}
              </Quiet>
            </>
          ) : (
            <View
              className="absolute"
              style={
                at(belief.low) > 0.6
                  ? { right: percent(1 - at(belief.high)) }
                  : { left: percent(at(belief.low)) }
              }
            >
              <Quiet>{`${text(belief.low)} to ${text(belief.high)}`}</Quiet>
            </View>
          )}
        </View>
      )}
    </View>
  );
}
