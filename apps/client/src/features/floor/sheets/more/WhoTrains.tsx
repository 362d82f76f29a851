import { View } from 'react-native';
import { Button } from '../../../../design/Button';
import { Quiet, Strong } from '../../../../design/Words';
import { useTrainers } from '../../../../state/queries';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';

/** Who has the session, to take it over or hand it over; whoever has it not follows it all the same. */
export function WhoTrains() {
  const { lane, account, actions } = useLane();
  const { data: trainers = [] } = useTrainers();
  const { trainerId } = lane.session;
  const own = trainerId === account.trainer.id;
  const others = trainers.filter(({ id, standing }) => id !== trainerId && standing === 'active');
  const name = trainers.find(({ id }) => id === trainerId)?.name ?? 'another trainer';
  const hand = (to: string) => attempt(() => actions.handOver(to));
  if (own && others.length === 0) return null;
  return (
    <View className="gap-2">
      <Strong>{own ? 'Yours' : `With ${name}`}</Strong>
      <Quiet>
        {own
          ? 'Hand it over: they get its calls, you still see it here.'
          : 'You follow it here. Take it over to get its calls.'}
      </Quiet>
      <View className="flex-row flex-wrap gap-2">
        {own ? (
          others.map((other) => (
            <Button
              key={other.id}
              label={`To ${other.name}`}
              says={`Hand over to ${other.name}`}
              onPress={() => hand(other.id)}
            />
          ))
        ) : (
          <Button label="Take over" onPress={() => hand(account.trainer.id)} />
        )}
      </View>
    </View>
  );
}
