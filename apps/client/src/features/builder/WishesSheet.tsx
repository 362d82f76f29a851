import { muscles } from '@spalo/core/lift';
import { noWishes, type Wishes } from '@spalo/core/person';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { ChoiceField } from '../../design/ChoiceField';
import { Sheet } from '../../design/Sheet';
import { capital } from '../../design/sentence';
import { Body, Strong } from '../../design/Words';
import { changeClient } from '../../parts/client/change-client';
import { attempt } from '../../state/problems';
import type { KnownClient } from '../../state/resources/known-client';

const MOST_FOCUS = 6;
const AS_LATELY = 0;
const often = [
  { value: AS_LATELY, label: 'As lately' },
  ...[1, 2, 3, 4, 5].map((value) => ({ value, label: String(value) })),
];

/** Keeps what a client wants of their weeks. */
export const changeWishes = (client: KnownClient, change: Partial<Wishes>, says: string) =>
  attempt(() =>
    changeClient(client, { wishes: { ...noWishes, ...client.wishes, ...change } }, says),
  );

/** How often a client comes, and the muscles that their goal names. */
export function WishesSheet({ client, onClose }: { client: KnownClient; onClose: () => void }) {
  const { focus, sessionsAWeek } = client.wishes ?? noWishes;
  const comes = (value: number) => {
    const { sessionsAWeek: _before, ...rest } = client.wishes ?? noWishes;
    const wishes = value === AS_LATELY ? rest : { ...rest, sessionsAWeek: value };
    attempt(() => changeClient(client, { wishes }, 'Sessions a week kept'));
  };
  const toggle = (muscle: (typeof muscles)[number]) => {
    const has = focus.includes(muscle);
    if (!has && focus.length >= MOST_FOCUS) return;
    const next = has ? focus.filter((each) => each !== muscle) : [...focus, muscle];
    changeWishes(
      client,
      { focus: next },
      has ? `${capital(muscle)} let go` : `${capital(muscle)} kept`,
    );
  };
  return (
    <Sheet title="What they want" open onClose={onClose}>
      {client.goal ? <Body>{`Their goal: ${client.goal}`}</Body> : null}
      <ChoiceField
        label="Sessions a week"
        options={often}
        value={sessionsAWeek ?? AS_LATELY}
        wrap
        onChange={comes}
      />
      <View className="gap-1">
        <Strong>{`Muscles that the goal names, at most ${MOST_FOCUS}`}</Strong>
        <View className="flex-row flex-wrap gap-2">
          {muscles.map((muscle) => (
            <Chip
              key={muscle}
              label={capital(muscle)}
              look={focus.includes(muscle) ? 'taken' : 'plain'}
              pressed={focus.includes(muscle)}
              onPress={() => toggle(muscle)}
            />
          ))}
        </View>
        <Body>Each is looked for in all three positions, and its sets count double.</Body>
      </View>
    </Sheet>
  );
}
