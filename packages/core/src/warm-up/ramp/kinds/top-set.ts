import type { Grams } from '../../../unit/mass';
import { singleBefore, type IdealStep, type RampTarget } from '../step';
import { stepMost } from '../step-limit';

const REPS = [10, 8, 6, 3, 2];

/** One jump is no more than this share of the working load, so that a heavy single never comes out of nowhere. */
const MOST_SHARE = 0.42;
/** A jump that is left over above this share of the usual one is halved. */
const LEFT_OVER = 0.7;
/** A rung so close under the single, in jumps, would be the single twice. */
const TOO_CLOSE = 0.09;
/** Where the halved jump may lie, as shares of the way to the single. */
const HALFWAY = [0.35, 0.75] as const;
/** Plates far smaller than the jump that is wanted go on several at a time. */
const TOO_SMALL = 0.4;

/** The jump of the ramp: one of the largest plates more on each sleeve that does not go too far. */
function jumpFor({ workingG, beginG, jumps }: RampTarget): Grams {
  const most = Math.min(workingG * MOST_SHARE, stepMost(workingG), (workingG - beginG) / 2);
  const largest = jumps.find((jump) => jump <= most);
  if (largest === undefined) return most;
  return largest < most * TOO_SMALL ? largest * Math.floor(most / largest) : largest;
}

/**
 * From the empty implement up in even jumps of the largest plates there are, so that plates are only added; what is
 * left is halved where it is large, and the last set is a single just under the work.
 */
export function topSet(target: RampTarget): IdealStep[] {
  const { workingG, beginG } = target;
  const jump = jumpFor(target);
  const single = singleBefore(target);
  const [low] = single.between!;
  const ladder = [beginG];
  for (let next = beginG + jump; next < low - jump * TOO_CLOSE; next += jump) ladder.push(next);
  const under = ladder.at(-1)!;
  const even = workingG * 0.01;
  const steps: Omit<IdealStep, 'reps' | 'purpose'>[] = ladder.map((loadG, index) => ({
    role: index === 0 ? 'light' : 'between',
    loadG,
    // The same jumps every time are the point of this ramp: no load is moved for the plates' sake.
    between: [loadG - even, loadG + even],
  }));
  if (low - under > jump * LEFT_OVER) {
    const [from, to] = HALFWAY.map((part) => under + (low - under) * part);
    steps.push({ role: 'between', loadG: (under + low) / 2, between: [from!, to!] });
  }
  return [
    ...steps.map((step, index): IdealStep => ({
      ...step,
      reps: REPS[index] ?? 1,
      purpose: index === 0 ? 'groove' : index < 3 ? 'own' : 'feel',
    })),
    single,
  ];
}
