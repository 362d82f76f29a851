import type { LiftState, Review, SessionState } from '@spalo/core/session';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { TextField } from '../../design/TextField';
import { addToSession } from '../../state/past-session';
import { attempt } from '../../state/problems';

const nothing: Review = { good: '', keepOn: '', change: '' };

/** Good, keep on, change: written about a lift while its sets are looked at; read back at the next brief. */
export function ReviewText({
  session,
  lift,
  trainerId,
}: {
  session: SessionState;
  lift: LiftState;
  trainerId: string;
}) {
  const before = lift.review ?? nothing;
  const [text, setText] = useState(before);
  const changed = (['good', 'keepOn', 'change'] as const).some(
    (key) => text[key].trim() !== before[key],
  );
  const set = (key: keyof Review) => (value: string) => setText({ ...text, [key]: value });
  const keep = () =>
    attempt(() =>
      addToSession(session.id, trainerId, 'review.written', {
        liftId: lift.plan.liftId,
        good: text.good.trim(),
        keepOn: text.keepOn.trim(),
        change: text.change.trim(),
      }),
    );
  return (
    <View className="gap-2">
      <TextField label="Good" value={text.good} onChange={set('good')} max={300} />
      <TextField label="Keep on" value={text.keepOn} onChange={set('keepOn')} max={300} />
      <TextField label="Change" value={text.change} onChange={set('change')} max={300} />
      {changed && <Button kind="main" label="Save the review" onPress={keep} />}
    </View>
  );
}
