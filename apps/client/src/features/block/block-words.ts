import type { BlockDayView, BlockLiftView, BlockView } from '@spalo/coaching/blocks';
import { findLift } from '@spalo/catalog';
import type { Lift } from '@spalo/core/lift';
import { amid, massNumber, type Unit } from '@spalo/core/unit';
import { type CalendarWeek } from '@spalo/core/blocks';
import type { Plateau, TerrainWeek } from '../../design/terrain-shape';
import { chanceText } from '../../parts/words/chance-words';
import { lessText } from '../../parts/words/less-words';
import { amountAfter } from '../../parts/words/load-words';

const whole = ({ sets, reps }: { sets: number; reps: number }) => sets * reps;

/** A day of a lift as its plateau; null where the lift rests. */
function plateauOf(day: BlockDayView, isNext: boolean): Plateau | null {
  const { done, projected, over, ask } = day;
  if (done) return { load: done.loadG, reps: whole(done), state: 'done', chance: null };
  if (over) return ask ? { load: 0, reps: whole(ask), state: 'missed', chance: null } : null;
  if (!ask) return null;
  const state = isNext ? 'next' : 'coming';
  return projected
    ? { load: projected.loadG, reps: whole(projected.ask), state, chance: projected.chance }
    : { load: 0, reps: whole(ask), state, chance: null };
}

/** The weeks of a lift as they are drawn: those of the block, and valleys for what is turned down between. */
export function terrainOf({ days }: BlockLiftView, { weeks, next }: BlockView): TerrainWeek[] {
  const levelOf = (standIn: string | null) => {
    const own = days.filter((day) => day.standIn === standIn);
    const known = own.flatMap(({ projected, done }) => projected?.loadG ?? done?.loadG ?? []);
    return known.length > 0 ? Math.min(...known) : null;
  };
  // What has no load of its own stands level with the lightest; another lift's loads rise from there, too.
  const level = levelOf(null) ?? 1;
  return weeks.map((week) => {
    if (week.kind === 'turned down') return { plateaus: [], valley: week.why.reason };
    const own = days.filter((day) => day.week === week.week);
    const plateaus = own.flatMap((day) => {
      const isNext = next !== null && next.week === day.week && next.day === day.day;
      const plateau = plateauOf(day, isNext);
      if (!plateau) return [];
      const load = (plateau.load * level) / (levelOf(day.standIn) || level);
      return [{ ...plateau, load: load || level }];
    });
    return { plateaus, valley: null };
  });
}

/** A day in words: "42.5 kg, 3 × 6, 2 in reserve, 70% as planned"; with the lift's name where another stands in. */
export function dayText(day: BlockDayView, lift: Lift, unit: Unit): string {
  const counted = lift.counted === 'reps' ? undefined : lift.counted;
  const { done, projected, over, ask, standIn } = day;
  const by = standIn === null ? '' : `${amid(findLift(standIn)?.name ?? standIn)} `;
  const load = (loadG: number) => by + (loadG > 0 ? `${massNumber(loadG, unit)} ${unit}, ` : '');
  if (done) {
    const went = done.asPlanned ? 'as planned' : 'not as planned';
    return `${load(done.loadG)}${done.sets} ${amountAfter(done.reps, counted)}, done ${went}`;
  }
  if (over) return 'not done';
  if (!ask) return 'rests';
  const asked = projected?.ask ?? ask;
  const light = (ask.share ?? 1) < 1 ? 'light: ' : '';
  const likely = projected && !counted ? `, ${chanceText(projected.chance)} as planned` : '';
  const left = counted ? '' : `, ${asked.targetRir} in reserve`;
  return `${light}${load(projected?.loadG ?? 0)}${asked.sets} ${amountAfter(asked.reps, counted)}${left}${likely}`;
}

/** A week of a lift in words. */
export function weekText(
  { days }: BlockLiftView,
  week: CalendarWeek | undefined,
  lift: Lift,
  unit: Unit,
): string {
  if (!week) return '';
  if (week.kind === 'turned down') return amid(lessText(week.why));
  const texts = days.filter((day) => day.week === week.week).map((day) => dayText(day, lift, unit));
  return `${lift.name}, week ${week.week + 1}: ${texts.join('; ')}`;
}

/** What of a lift's days to come asks too much or too little; null where all fit. */
export function fitText({ days }: BlockLiftView): string | null {
  const weeksOf = (fit: 'too much' | 'too little') => [
    ...new Set(days.flatMap(({ projected, week }) => (projected?.fit === fit ? [week + 1] : []))),
  ];
  const said = (['too much', 'too little'] as const).flatMap((fit) => {
    const weeks = weeksOf(fit);
    return weeks.length > 0
      ? [
          `${weeks.length > 1 ? 'weeks' : 'week'} ${weeks.join(', ')} likely ${weeks.length > 1 ? 'ask' : 'asks'} ${fit}`,
        ]
      : [];
  });
  return said.length > 0 ? said.join('; ') : null;
}
