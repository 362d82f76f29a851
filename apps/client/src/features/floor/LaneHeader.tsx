import { exhales } from '@spalo/core';
import { View } from 'react-native';
import { IconButton } from '../../design/Button';
import { Quiet, Strong, Title } from '../../design/Words';
import type { LaneView, LiftView } from './lane-view';

/** Who, which lift, in which style, and how far in the session. */
export function LaneHeader({
  lane,
  view,
  title,
  showName,
  onChecklist,
  onMore,
}: {
  lane: LaneView;
  view: LiftView | null;
  /** What the lane does where that is no lift. */
  title?: string;
  showName: boolean;
  onChecklist: () => void;
  onMore: () => void;
}) {
  return (
    <View className="flex-row items-start justify-between gap-3">
      <View className="shrink">
        {showName && (
          <View className="pb-1">
            <Strong numberOfLines={1} className="text-lead">
              {lane.name}
            </Strong>
            {lane.client?.brief ? <Quiet numberOfLines={1}>{lane.client.brief}</Quiet> : null}
          </View>
        )}
        <Title numberOfLines={2} className={showName ? '' : 'text-[1.75rem] leading-8'}>
          {title ?? (view ? view.lift.name : 'All lifts done')}
        </Title>
        <Quiet>
          {view
            ? `${view.style.name} · lift ${lane.position} of ${lane.lifts.length}`
            : title
              ? `then ${lane.lifts[0]?.lift.name.toLowerCase() ?? 'the lifts'}`
              : `${lane.lifts.length} lifts`}
        </Quiet>
        {lane.client && exhales(lane.client) && (
          <Strong className="text-small text-oxide">Breathe out through the effort</Strong>
        )}
      </View>
      <View className="flex-row gap-2">
        {view && (
          <IconButton
            icon="checklist"
            label={`Set-up checklist, ${view.lift.name}`}
            onPress={onChecklist}
          />
        )}
        <IconButton icon="more" label={`More for ${lane.name}`} onPress={onMore} />
      </View>
    </View>
  );
}
