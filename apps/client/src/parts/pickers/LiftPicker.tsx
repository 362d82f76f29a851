import { allLifts } from '@spalo/catalog';
import { type Lift, patterns } from '@spalo/core/lift';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Chip } from '../../design/Chip';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet, Strong } from '../../design/Words';
import { capital } from '../../design/sentence';
import { useTeaching } from '../../state/use-teaching';

const matches = (lift: Lift, wanted: string) =>
  `${lift.name} ${lift.pattern} ${lift.muscles.main.join(' ')} ${lift.implement}`
    .toLowerCase()
    .includes(wanted.trim().toLowerCase());

interface ChooserProps {
  taken?: readonly string[];
  /** The lifts to choose from; all where it is left out. */
  among?: readonly Lift[];
  /** What to say of a lift: why it is closed. */
  note?: (lift: Lift) => string | null;
  onPick: (lift: Lift) => void;
}

/** The catalogue by pattern, found by typing a name, a muscle or an implement. Taken lifts are marked. */
export function LiftChooser({ taken = [], among, note, onPick }: ChooserProps) {
  useTeaching();
  const [wanted, setWanted] = useState('');
  const found = (among ?? allLifts()).filter((lift) => matches(lift, wanted));
  return (
    <View className="gap-4">
      <TextInput
        value={wanted}
        onChangeText={setWanted}
        aria-label="Find a lift"
        placeholder="Name, muscle or implement"
        className="min-h-tap rounded-2xl border border-slate bg-card px-4 font-text text-body text-ink"
      />
      {found.length === 0 && <Body>{`No lift matches “${wanted}”.`}</Body>}
      {patterns.map((pattern) => {
        const ofPattern = found.filter((lift) => lift.pattern === pattern);
        if (ofPattern.length === 0) return null;
        return (
          <View key={pattern} className="gap-2">
            <Strong>{capital(pattern)}</Strong>
            <View className="flex-row flex-wrap gap-2">
              {ofPattern.map((lift) => (
                <View key={lift.id} className="max-w-full gap-0.5">
                  <Chip
                    label={lift.name}
                    look={taken.includes(lift.id) ? 'taken' : 'plain'}
                    pressed={taken.includes(lift.id)}
                    onPress={() => onPick(lift)}
                  />
                  {note?.(lift) ? <Quiet className="px-2 text-oxide">{note(lift)}</Quiet> : null}
                </View>
              ))}
            </View>
          </View>
        );
      })}
    </View>
  );
}

/** The chooser as a sheet of its own. */
export function LiftPicker({
  title,
  onClose,
  ...chooser
}: ChooserProps & { title: string; onClose: () => void }) {
  return (
    <Sheet title={title} open onClose={onClose}>
      <LiftChooser {...chooser} />
    </Sheet>
  );
}
