import { findLift } from '@spalo/catalog';
import type { BlockState, OneChange } from '@spalo/core/block';
import { changeOf } from '@spalo/core/blocks';
import { changeText, listText } from '@spalo/core/unit';
import type { Advice, BlockBefore, LiftWorking } from './working';

/** Below this share of its sessions a block has not been tried. */
const TRIED = 0.6;
const MOST_SETS = 4;

const says: Record<Exclude<OneChange, 'nothing'>, string> = {
  'one set more': 'One set more',
  'fewer reps': 'Heavier, with fewer reps',
  'more reps': 'Lighter, with more reps',
  scheme: 'Another scheme',
};

/** What is tried first where nothing is known of the client: rest where strength is lost, work where it stands still. */
const usualOrder = {
  fading: ['more reps', 'fewer reps', 'scheme', 'one set more'],
  flat: ['one set more', 'fewer reps', 'scheme', 'more reps'],
} as const;

/** What a change came to when it was made before: the growth of the latest block that began with it; null where none did. */
function tried(change: OneChange, before: readonly BlockBefore[]): BlockBefore | null {
  return before.find(({ block, slope }) => slope !== null && changeOf(block) === change) ?? null;
}

const failed = ({ slope, worth }: BlockBefore) => slope !== null && slope.high < worth;
const grew = ({ slope }: BlockBefore) => slope !== null && slope.low > 0;

/**
 * The one thing to change: what made this client grow before comes first, the more the earlier; what did not help is not
 * tried again, nor the change that the block itself began with. Null where everything was tried.
 */
function bestChange(
  block: BlockState,
  kind: keyof typeof usualOrder,
  liftIds: readonly string[],
  before: readonly BlockBefore[],
): { change: Exclude<OneChange, 'nothing'>; worked: BlockBefore | null } | null {
  const sets = block.lifts
    .filter(({ liftId }) => liftIds.includes(liftId))
    .flatMap(({ weeks }) => weeks.flat().map((ask) => ask?.sets ?? 0));
  const open = usualOrder[kind].filter((change) => {
    if (change === changeOf(block)) return false;
    if (change === 'one set more' && Math.max(0, ...sets) >= MOST_SETS) return false;
    const was = tried(change, before);
    return !was || !failed(was);
  });
  const of = (change: OneChange) => tried(change, before)?.slope?.middle ?? 0;
  const [change] = [...open].sort((one, other) => of(other) - of(one));
  if (!change) return null;
  const was = tried(change, before);
  return { change, worked: was && grew(was) ? was : null };
}

const keep = (why: string): Advice => ({
  change: 'nothing',
  liftIds: null,
  says: 'Kept as it was',
  why,
});

/** One thing to change where lifts have stopped growing; nothing where they have not, or the block was not tried. */
export function whatToChange(
  block: BlockState,
  lifts: readonly LiftWorking[],
  adherence: number,
  before: readonly BlockBefore[],
): Advice {
  if (adherence < TRIED)
    return keep('Too few of its sessions were done to say what it does: first have it done');
  const fading = lifts.filter(({ response }) => response.verdict === 'fading');
  const off = lifts.filter(
    ({ response }) => response.verdict === 'fading' || response.verdict === 'flat',
  );
  if (off.length === 0)
    return keep(
      lifts.some(({ response }) => response.verdict === 'working')
        ? 'It works: stay with it until it stops'
        : 'Nothing can be told yet: go on and look again',
    );
  const kind = fading.length > 0 ? 'fading' : 'flat';
  const liftIds = off.map(({ liftId }) => liftId);
  const names = (of: readonly LiftWorking[]) =>
    listText(of.map(({ liftId }) => findLift(liftId)?.name ?? liftId));
  const best = bestChange(block, kind, liftIds, before);
  if (!best)
    return keep(
      `${names(off)} ${off.length > 1 ? 'stand' : 'stands'} still, and every change was tried: take other lifts`,
    );
  const { change, worked } = best;
  const state =
    kind === 'fading'
      ? `${names(fading)} ${fading.length > 1 ? 'lose' : 'loses'} strength: a lighter week first`
      : `${names(off)} ${off.length > 1 ? 'have' : 'has'} stopped growing`;
  const since = worked?.slope
    ? `. It worked in ${worked.block.name}: ${changeText(worked.slope.middle)} a week`
    : '';
  return {
    change,
    liftIds,
    says: `${says[change]}: ${names(off)}`,
    why: `${state}${since}`,
  };
}
