import { ruleFor } from '@spalo/coaching/decide';
import type { KnownClient } from '../../state/resources/known-client';
import { memoryOf } from '@spalo/core/memory';
import { ruleIn } from '@spalo/core/session';
import { ruleText } from '@spalo/core/words';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import type { FloorActions } from '../../parts/lane/actions/floor-actions';
import { attempt } from '../../state/problems';
import type { WrapUpCard } from './wrap-up-cards';

/** Where a trainer has chosen the same way three times against what was proposed: offered as the rule, and taken off again. */
export function OwnRule({
  card,
  client,
  actions,
}: {
  card: WrapUpCard;
  client: KnownClient;
  actions: Pick<FloorActions, 'keepRule'>;
}) {
  const { lift, state } = card.view;
  const rule = ruleFor(state, client);
  const offered = rule ? null : ruleIn(memoryOf(client.history, lift.id).answers ?? []);
  if (rule) {
    return (
      <Button
        label={`Your rule: ${ruleText(rule)}. As proposed again`}
        onPress={() => attempt(() => actions.keepRule(lift.id, null))}
      />
    );
  }
  if (!offered || state.rule === null) return null;
  return (
    <Banner
      title={`Three times ${ruleText(offered)} than proposed`}
      action={
        <Button
          label="Make it the rule"
          says={`Make it the rule for ${lift.name}`}
          onPress={() => attempt(() => actions.keepRule(lift.id, offered))}
        />
      }
    >
      {`For ${client.name} and this lift, until you take it off.`}
    </Banner>
  );
}
