import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import type { BuiltFor } from '@spalo/coaching/builder';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Body, Quiet, Strong } from '../../design/Words';
import { idleText, lackText, uncoveredText } from '../../parts/words/builder-words';
import type { Builder } from './use-builder';

/** What is left out by hand, each with the way back. */
function LeftOut({ builder }: { builder: Builder }) {
  if (builder.banned.length === 0) return null;
  return (
    <View className="gap-1">
      <Quiet>Not today:</Quiet>
      <View className="flex-row flex-wrap gap-2">
        {builder.banned.map((liftId) => (
          <Chip
            key={liftId}
            label={findLift(liftId)?.name ?? liftId}
            says={`Let ${findLift(liftId)?.name ?? liftId} back in`}
            icon="undo"
            onPress={() => builder.unban(liftId)}
          />
        ))}
      </View>
    </View>
  );
}

/** What could not be met, and what to loosen: limits that stand in the way, and movements that are missing. */
export function Lacks({ built, builder }: { built: BuiltFor; builder: Builder }) {
  if ('lacks' in built) {
    return (
      <View className="gap-3">
        <Banner icon="alert" title="No session can hold all of this">
          {built.lacks.map((lack) => (
            <Body key={lackText(lack)}>{lackText(lack)}</Body>
          ))}
        </Banner>
        {builder.fixed.map(({ liftId }) => (
          <Button
            key={liftId}
            label={`Remove the ${amid(findLift(liftId)?.name ?? liftId)}`}
            onPress={() => builder.letGo(liftId)}
          />
        ))}
        <LeftOut builder={builder} />
      </View>
    );
  }
  const { uncovered, idle } = built.session;
  return (
    <View className="gap-3">
      {idle && <Quiet className="text-ink">{idleText(idle)}</Quiet>}
      {uncovered.length > 0 && (
        <View className="gap-1">
          <Strong>Still missing this week</Strong>
          {uncovered.map((each) => (
            <Quiet key={each.cover} className="text-ink">
              {uncoveredText(each)}
            </Quiet>
          ))}
        </View>
      )}
      <LeftOut builder={builder} />
    </View>
  );
}
