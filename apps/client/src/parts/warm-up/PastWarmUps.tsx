import { amid } from '@spalo/core/unit';
import type { WarmUpRecord } from '@spalo/core/memory';
import type { Unit } from '@spalo/core/unit';
import { View } from 'react-native';
import { useNow } from '../../design/use-now';
import { Figure, Quiet } from '../../design/Words';
import { shortDate } from '../time/day-time';
import { loadReps } from '../words/load-words';
import { rampWords, verdictWords } from '../words/ramp-words';

/** How a lift was really warmed up before, latest first: its sets, what was said of it, and the note. */
export function PastWarmUps({
  records,
  unit,
  zone,
}: {
  records: readonly WarmUpRecord[];
  unit: Unit;
  zone: string;
}) {
  const now = useNow(false);
  if (records.length === 0) return <Quiet>None yet for this lift.</Quiet>;
  return (
    <View role="list" className="gap-2">
      {records.map((record) => (
        <View role="listitem" key={record.sessionId} className="gap-0.5 border-b border-line pb-2">
          <Quiet>
            {[
              shortDate(record.at, zone, now),
              amid(rampWords[record.ramp].name),
              record.verdict ? verdictWords[record.verdict] : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Quiet>
          <Figure className="text-lead leading-7">
            {record.sets.length > 0
              ? record.sets.map((set) => loadReps(set.loadG, set.reps, unit)).join('   ')
              : 'No warm-up set'}
          </Figure>
          {record.note ? <Quiet>{record.note}</Quiet> : null}
        </View>
      ))}
    </View>
  );
}
