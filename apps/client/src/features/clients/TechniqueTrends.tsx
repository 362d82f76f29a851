import { faultOf, findLift, type TaughtFault } from '@spalo/catalog';
import { programmeFor } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import { type TechniquePoint, techniqueTrend } from '@spalo/core/insight';
import type { Lift } from '@spalo/core/lift';
import type { Room } from '@spalo/core/room';
import { CLEAN_SHARE } from '@spalo/core/session';
import { amid, countText, nowIso, percentText, shortDay } from '@spalo/core/unit';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Card } from '../../design/Card';
import { CleanBars, MarkBars } from '../../design/CleanBars';
import { FaultGlyph } from '../../design/RepRail';
import { Section } from '../../design/Section';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { LadderStep } from './LadderStep';

/** Faults that are shown of a lift, the most frequent first. */
const FAULTS = 3;

interface Course {
  lift: Lift;
  points: TechniquePoint[];
  faults: { fault: TaughtFault; counts: number[] }[];
}

/** How clean each lift was in the latest sessions, and what was seen; lifts with a mark first. */
function coursesOf({ history }: Pick<Client, 'history'>): Course[] {
  const courses = Object.entries(history.lifts).flatMap(([liftId, memory]): Course[] => {
    const lift = findLift(liftId);
    const points = techniqueTrend(memory.marked ?? []);
    if (!lift || points.length === 0) return [];
    const ids = [...new Set(points.flatMap((point) => Object.keys(point.faults)))];
    const faults = ids.flatMap((id) => {
      const fault = faultOf(liftId, memory.plan?.styleId ?? '', id);
      return fault ? [{ fault, counts: points.map((point) => point.faults[id] ?? 0) }] : [];
    });
    const total = (counts: readonly number[]) => counts.reduce((sum, count) => sum + count, 0);
    faults.sort((one, other) => total(other.counts) - total(one.counts));
    return [{ lift, points, faults: faults.slice(0, FAULTS) }];
  });
  return courses.sort((one, other) => other.faults.length - one.faults.length);
}

/** One lift: a column a session, and each fault with how often it was marked, session by session. */
function CourseCard({
  client,
  course,
  programme,
}: {
  client: Client;
  course: Course;
  programme: readonly string[];
}) {
  const { lift, points, faults } = course;
  const last = points.at(-1)!;
  const looked = points.filter((point) => point.looked > 0).length;
  const sessions = countText(points.length, 'session');
  return (
    <Card className="gap-2 py-3">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Strong className="shrink">{lift.name}</Strong>
        <View className="flex-row items-baseline gap-1">
          <Figure>{percentText(last.clean)}</Figure>
          <Quiet>clean last time</Quiet>
        </View>
      </View>
      <CleanBars
        bars={points.map(({ clean }) => ({ share: clean, clean: clean >= CLEAN_SHARE }))}
        says={`Clean reps over ${sessions}, from ${percentText(points[0]!.clean)} to ${percentText(last.clean)}`}
      />
      <View className="flex-row justify-between">
        <Quiet>{shortDay(points[0]!.at)}</Quiet>
        {points.length > 1 && <Quiet>{shortDay(last.at)}</Quiet>}
      </View>
      {faults.map(({ fault, counts }) => (
        <View key={fault.id} className="flex-row items-center gap-2">
          <FaultGlyph glyph={fault.glyph} size={22} />
          <View className="min-w-0 flex-1">
            <Body>{fault.name}</Body>
            <MarkBars
              counts={counts}
              says={`marked reps, oldest session first: ${counts.join(', ')}`}
            />
          </View>
          <View className="w-20 items-end">
            <Figure>{counts.at(-1)!}</Figure>
            <Quiet>last time</Quiet>
          </View>
        </View>
      ))}
      {looked > 0 && <Quiet>{`Checklist looked at in ${looked} of ${sessions}`}</Quiet>}
      <LadderStep client={client} lift={lift} programme={programme} />
    </Card>
  );
}

/** How clean the client's lifts are over the sessions, drawn, with the faults that were seen and the next rung. */
export function TechniqueTrends({ client, room }: { client: Client; room: Room | undefined }) {
  const courses = useMemo(() => coursesOf(client), [client]);
  const programme = useMemo(
    () => (room ? programmeFor(client, room, nowIso()).map(({ lift }) => lift.id) : []),
    [client, room],
  );
  const marked = courses.filter(({ faults }) => faults.length > 0);
  const clean = courses.filter(({ faults }) => faults.length === 0);
  if (courses.length === 0) return null;
  return (
    <Section title="Technique">
      {marked.map((course) => (
        <CourseCard key={course.lift.id} client={client} programme={programme} course={course} />
      ))}
      {clean.length > 0 && (
        <Card className="gap-3 py-3">
          <Strong>{`Clean all through: ${clean.map(({ lift }) => amid(lift.name)).join(', ')}`}</Strong>
          {clean.map(({ lift }) => (
            <LadderStep key={lift.id} client={client} lift={lift} programme={programme} named />
          ))}
        </Card>
      )}
    </Section>
  );
}
