import { amid } from '@spalo/core/unit';
import { cueOf, faultOf } from '@spalo/catalog';
import {
  countedSets,
  type LiftState,
  type LoggedSet,
  type SessionState,
} from '@spalo/core/session';
import { ScrollView, View } from 'react-native';
import { FaultGlyph } from '../../design/RepRail';
import { Figure, Quiet } from '../../design/Words';
import { StillPicture } from '../../parts/film/StillPicture';
import { loadReps, rirText } from '../../parts/words/load-words';

const outcomes = { helped: 'helped', same: 'changed nothing', worse: 'made it worse' } as const;

/** What was marked in a set, rep by rep. */
function Marks({ set, lift }: { set: LoggedSet; lift: LiftState }) {
  return set.marks.map(({ rep, faultId, styleId }) => {
    const fault = faultOf(lift.plan.liftId, styleId ?? lift.plan.styleId, faultId);
    return (
      <View key={`${rep}/${faultId}`} className="flex-row items-center gap-2 pl-4">
        <FaultGlyph glyph={fault?.glyph ?? null} size={16} />
        <Quiet className="text-ink">{`Rep ${rep}: ${amid(fault?.name ?? 'unknown fault')}`}</Quiet>
      </View>
    );
  });
}

/** What was done, seen, said and kept of a lift in one session, in the order it is read. */
export function LiftRecord({ session, lift }: { session: SessionState; lift: LiftState }) {
  const { counted, styleId, liftId } = lift.plan;
  return (
    <View className="gap-2">
      {countedSets(lift, 'working').map((set) => (
        <View key={set.id}>
          <View className="flex-row flex-wrap items-baseline gap-x-3">
            <Figure className="text-lead">
              {loadReps(set.loadG, set.reps, session.unit, counted)}
            </Figure>
            <Quiet>
              {[
                set.cleanReps === set.reps ? 'all clean' : `${set.cleanReps} clean`,
                rirText(set.rir),
              ]
                .filter(Boolean)
                .join(' · ')}
            </Quiet>
          </View>
          <Marks set={set} lift={lift} />
        </View>
      ))}
      {lift.judged.map(({ id, cueId, outcome }) => (
        <Quiet key={id} className="text-ink">
          {`“${cueOf(liftId, styleId, cueId)?.text ?? cueId}” ${outcomes[outcome]}`}
        </Quiet>
      ))}
      {lift.notes.map(({ id, text }) => (
        <Quiet key={id} className="text-ink">
          {text}
        </Quiet>
      ))}
      {lift.stills.length > 0 && (
        <ScrollView horizontal contentContainerClassName="gap-3">
          {lift.stills.map((still) => (
            <StillPicture key={still.id} still={still} height={180} />
          ))}
        </ScrollView>
      )}
    </View>
  );
}
