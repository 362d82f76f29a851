import { chanceOfPlan, type AheadDay } from '@spalo/core/block';
import { decide, doubleProgression, type DecisionContext, type Scheme } from '@spalo/core/decision';
import { proposeNextSet } from '@spalo/core/floor';
import { familyOf, type Lift } from '@spalo/core/lift';
import { atOrBelow, listed } from '@spalo/core/loads';
import { evidenceOf, isAsPlanned } from '@spalo/core/memory';
import { startsCareful, type Person } from '@spalo/core/person';
import { usualRir } from '@spalo/core/planning';
import {
  newLift,
  planOf,
  type LiftPlan,
  type LiftState,
  type LoggedSet,
  type PlannedLift,
  type SchemeName,
  type SessionState,
  type Step,
} from '@spalo/core/session';
import { readStrength, startingBelief, takeSets, type StrengthProfile } from '@spalo/core/strength';
import { projectDays } from '@spalo/core/blocks';
import { knownBest, knownSet } from './knows';
import { simulateSet, strongerBy, trueLoad, type Lifter } from './lifter';
import type { SimulatedClient } from './population';
import type { Random } from './random';

/**
 * Ways to choose loads: Spalo's, double progression and a fixed step on paper, who knows the truth and takes one load for
 * all sets, and who knows it before each set, with the day and the fatigue: no judgement can do better than that.
 */
export const policies = ['spalo', 'paper', 'linear', 'knows', 'knows each set'] as const;
export type Policy = (typeof policies)[number];

/** Parts of Spalo's judgement that can be left out, to see what each brings. */
export const parts = ['plan', 'later sets', 'form'] as const;
export type Part = (typeof parts)[number];

/** What one working set came to. */
interface SetOutcome {
  session: number;
  asked: number;
  targetRir: number;
  left: number;
  failed: boolean;
  /** Place of the set among the lift's in its session. */
  nth: number;
  climb: boolean;
}

/** A day of a block as it was projected, and whether its sets would have gone as planned when it came. */
export interface ProjectedDay {
  weeksAhead: number;
  chance: number;
  came: boolean;
  /** Whether it was done as projected, with every set as the floor proposed it. */
  done: boolean;
}

/** What a stretch of training came to, for one lift. */
export interface LiftOutcome {
  sets: SetOutcome[];
  /** By session: ln(load of the plan / right load for its first set's reps and reserve). */
  off: number[];
  /** Loads of the plans, grams, by session. */
  loads: number[];
  changes: number;
  turns: number;
  careful: boolean;
  person: Person;
  /** Which lift of the day it is, from 0. */
  place: number;
  /** Empty outside of blocks. */
  projected: ProjectedDay[];
}

const DAY_MS = 24 * 3600 * 1000;
const SETS = 3;
const FIRST_RIR = 3;
const DAYS_BETWEEN = 3;
/** A climb's sets, and one. */
const MOST_SETS = 6;

const logged = (
  step: number,
  asked: { loadG: number; reps: number },
  done: { reps: number; cleanReps: number; rir: number },
  id: string,
  at: string,
): LoggedSet => ({
  ...done,
  id,
  at,
  author: '',
  step,
  kind: 'working',
  loadG: asked.loadG,
  marks: [],
  proposed: asked,
  corrections: [],
  voided: false,
  representative: true,
});

function planned(plan: LiftPlan, climb: boolean): PlannedLift {
  const step: Step = {
    kind: 'working',
    loadG: plan.loadG,
    reps: plan.reps,
    purpose: '',
    restS: 120,
  };
  const steps = Array.from({ length: plan.sets }, () => step);
  return { ...plan, why: '', belief: null, lastTime: [], climb, ramp: 'short', steps };
}

const sessionOf = (lifts: LiftState[], id: string): SessionState => ({
  startId: `${id}-start`,
  id,
  clientId: '',
  bookingId: null,
  roomId: '',
  trainerId: '',
  unit: 'kg',
  startedAt: '',
  finishedAt: null,
  dayForm: null,
  general: [],
  generalSince: '',
  swaps: {},
  lifts,
  notes: [],
});

/** After a session on paper: double progression, or a step up where all sets were done and a step down where not. */
function onPaper(
  policy: 'paper' | 'linear',
  lift: LiftState,
  situation: Parameters<Scheme['next']>[0],
) {
  if (policy === 'paper') return doubleProgression.next(situation).plan;
  const { plan, sets, context } = situation;
  const whole = sets.every((set) => set.cleanReps >= plan.reps);
  const to = whole ? plan.loadG + context.lift.stepG : plan.loadG * 0.95;
  return { ...plan, loadG: atOrBelow(context.loads, to)!.loadG };
}

/** How long, in what steps (grams) and from when (ms since 1970); `without` leaves parts of the judgement out. */
export interface Stretch {
  sessions: number;
  stepG: number;
  startMs: number;
  without?: readonly Part[];
  /** How Spalo lets lifts go on; by its rule where it is not said. */
  scheme?: SchemeName;
  /** A time without training: before which session, for how many days, and what share of strength it costs. */
  away?: { before: number; days: number; lost: number };
  /** Working sets of a lift that are done at the most: some leave out the last. */
  mostSets?: number;
  /** Reps by week of the waves of a block, two sessions a week; no block where it is not said. */
  wave?: readonly number[];
}

const PER_WEEK = 2;
/** The days to come are projected after every so many sessions. */
const PROJECT_EVERY = 4;
/** How many sessions ahead. */
const AHEAD = 8;

/** What the waves ask in each session, given the usual reserve. */
const wavesOf = (wave: readonly number[], sessions: number) =>
  Array.from({ length: sessions }, (_, session) => {
    const week = Math.floor(session / PER_WEEK);
    const cell = { blockId: 'block', week, day: session % PER_WEEK };
    const reps = wave[week % wave.length]!;
    return (targetRir: number): AheadDay => ({
      cell,
      ask: { sets: SETS, reps, targetRir },
      doneG: null,
    });
  });

/** A day of a block to come, as it is projected. */
interface Projection {
  session: number;
  place: number;
  weeksAhead: number;
  chance: number;
  loadG: number;
  reps: number;
  targetRir: number;
}

/** The days to come of a lift after a session. */
function projectWave(
  waves: ReturnType<typeof wavesOf>,
  session: number,
  plan: LiftPlan,
  place: number,
  context: Omit<DecisionContext, 'ahead'>,
): Projection[] {
  const { usualRir: rir, strength } = context;
  const coming = waves.slice(session + 1, session + 1 + AHEAD);
  const days = coming.map((ahead, at) => ({
    ...ahead(rir),
    weeksAhead: ((at + 1) * DAYS_BETWEEN) / 7,
  }));
  const at = { ...context, strength: strength.behind(place * SETS) };
  return projectDays(plan, days, at).map(({ loadG, chance, ask }, n) => ({
    session: session + 1 + n,
    place,
    weeksAhead: days[n]!.weeksAhead,
    chance,
    loadG,
    reps: ask.reps,
    targetRir: ask.targetRir,
  }));
}

/** Whether the sets of a projected day would go as planned today: all reps, with no more than one less in reserve. */
function wouldGo(
  lifter: Lifter,
  lift: Lift,
  { loadG, reps, targetRir }: Projection,
  day: number,
  others: number,
  random: Random,
): boolean {
  let effort = 0;
  for (let nth = 0; nth < SETS; nth += 1) {
    const set = { loadG, asked: reps, day, earlier: effort, faultId: null, others };
    const { left, failed } = simulateSet(lifter, lift, set, random);
    if (failed || left < targetRir - 1) return false;
    effort += Math.max(0.4, 1 + 0.12 * (2 - left));
  }
  return true;
}

/** Whether a lift was done as it had been projected, by what was said of its sets. */
const wasDone = (
  { sets }: LiftState,
  { loadG, reps, targetRir }: Pick<Projection, 'loadG' | 'reps' | 'targetRir'>,
): boolean =>
  sets.length >= SETS && sets.every((set) => isAsPlanned(set, { loadG, reps, targetRir }));

/**
 * A client's stretch of training under one policy, with loads in steps of `stepG`, by lift. Reports and days come from
 * the lifter; whoever plans sees only what was reported.
 */
export function train(
  { person, lifter }: SimulatedClient,
  lifts: readonly Lift[],
  programme: readonly Lift[],
  policy: Policy,
  { sessions, stepG, startMs, without = [], scheme, wave, away, mostSets = MOST_SETS }: Stretch,
  random: Random,
): LiftOutcome[] {
  const loads = listed(
    Array.from({ length: 400 }, (_, at) => ({
      loadG: (at + 1) * stepG,
      build: { kind: 'body', added: [] },
    })),
  );
  const iso = (ms: number) => new Date(ms).toISOString();
  const belief = startingBelief(person, lifts, iso(startMs));
  const careful = startsCareful(person, iso(startMs));
  const outcomes = programme.map((_, place): LiftOutcome => ({
    sets: [],
    off: [],
    loads: [],
    changes: 0,
    turns: 0,
    careful,
    person,
    place,
    projected: [],
  }));
  const waves = wave && wavesOf(wave, sessions);
  const plans = new Map<string, { plan: LiftPlan; climb: boolean; way: number }>();
  const projections: Projection[] = [];
  let grown = lifter;
  let made = 0;
  for (let session = 0; session < sessions; session += 1) {
    const isBack = away && session >= away.before;
    const now = startMs + (session * DAYS_BETWEEN + (isBack ? away.days : 0)) * DAY_MS;
    if (away && session === away.before) grown = strongerBy(grown, Math.log(1 - away.lost));
    const day = Math.exp(random.normal() * lifter.dayToDay);
    const rested = readStrength(person, belief, lifts, iso(now));
    let profile: StrengthProfile = rested;
    const states: LiftState[] = [];
    const state = sessionOf(states, String(session));
    programme.forEach((lift, place) => {
      const outcome = outcomes[place]!;
      const usual = usualRir(person, iso(now));
      const first = (): LiftPlan => ({
        liftId: lift.id,
        styleId: '',
        implement: { kind: 'body', bodyG: 0 },
        repRange: lift.repRange,
        reps: lift.repRange.low,
        targetRir: FIRST_RIR,
        sets: SETS,
        loadG: atOrBelow(loads, rested.loadFor(lift, lift.repRange.low, FIRST_RIR).start)!.loadG,
        focusCueId: null,
        closed: null,
      });
      const kept = plans.get(lift.id);
      let plan = kept?.plan ?? first();
      if (policy === 'knows' || policy === 'knows each set') {
        plan = knownBest(grown, lift, { ...plan, targetRir: usual }, loads, place * SETS);
      } else if (policy !== 'spalo' && !kept) {
        plan = { ...plan, targetRir: usual };
      }
      const climb = policy === 'spalo' && (kept?.climb ?? true);
      outcome.loads.push(plan.loadG);
      outcome.off.push(Math.log(plan.loadG / trueLoad(grown, lift.id, plan.reps + plan.targetRir)));
      const due = projections
        .filter((each) => each.session === session && each.place === place)
        .map((each) => ({ ...each, came: wouldGo(grown, lift, each, day, place * SETS, random) }));
      const lifted = newLift(planned(plan, climb));
      states.push(lifted);
      const floor = () => ({
        lift,
        loads,
        unit: 'kg' as const,
        flags: [],
        safetyFaults: [],
        strength: profile,
        careful,
        since: iso(now),
      });
      let effort = 0;
      for (let nth = 0; nth < mostSets; nth += 1) {
        const next = policy === 'spalo' ? proposeNextSet(lifted, floor()) : null;
        if (next ? next.kind !== 'step' : nth >= plan.sets) break;
        const left = nth === 0 ? without.includes('form') : without.includes('later sets');
        if (left && !climb && nth >= plan.sets) break;
        const lost = effort * grown.fatigue + Math.min(1, (place * SETS) / 4) * grown.carry;
        const asked =
          next?.kind === 'step' && (climb || !left)
            ? { loadG: next.set.loadG, reps: next.set.reps }
            : policy === 'knows each set'
              ? knownSet(grown, lift, plan, loads, { day, lost })
              : { loadG: plan.loadG, reps: plan.reps };
        const set = {
          loadG: asked.loadG,
          asked: asked.reps,
          day,
          earlier: effort,
          faultId: null,
          others: place * SETS,
        };
        const done = simulateSet(grown, lift, set, random);
        effort += Math.max(0.4, 1 + 0.12 * (2 - done.left));
        made += 1;
        lifted.sets.push(logged(nth, asked, done, String(made).padStart(6, '0'), iso(now)));
        outcome.sets.push({
          session,
          asked: asked.reps,
          targetRir: plan.targetRir,
          left: done.left,
          failed: done.failed,
          nth,
          climb,
        });
        if (policy === 'spalo') profile = rested.after(evidenceOf(state));
      }
      for (const { weeksAhead, chance, came, ...asked } of due)
        outcome.projected.push({ weeksAhead, chance, came, done: wasDone(lifted, asked) });
    });
    takeSets(belief, person, evidenceOf(state), iso(now));
    if (policy !== 'knows' && policy !== 'knows each set') {
      programme.forEach((lift, place) => {
        const lifted = states[place]!;
        const plan = planOf(lifted.plan);
        const context = {
          lift,
          loads,
          unit: 'kg' as const,
          flags: [],
          client: person,
          now: iso(now),
          faults: [],
          regression: null,
          // Lifters of this simulation show no faults.
          faultHistory: Array.from({ length: Math.min(session, 4) }, () => null),
          strength: profile,
          usualRir: usualRir(person, iso(now)),
          careful,
          ahead: waves?.[session + 1]?.(usualRir(person, iso(now))) ?? null,
        };
        const decision =
          policy === 'spalo' && (lifted.plan.climb || !without.includes('plan'))
            ? decide(lifted, context)
            : null;
        const next = decision
          ? decision.proposed
          : onPaper(policy === 'linear' ? policy : 'paper', lifted, {
              lift: lifted,
              plan,
              sets: lifted.sets,
              context,
            });
        const before = plans.get(lift.id);
        const kept = policy === 'spalo' && scheme && !before ? { ...next, scheme } : next;
        const said = !waves && decision && chanceOfPlan(kept, lift, profile);
        if (said) {
          const { loadG, reps, targetRir } = kept;
          const weeksAhead = DAYS_BETWEEN / 7;
          projections.push({
            session: session + 1,
            place,
            weeksAhead,
            chance: said,
            loadG,
            reps,
            targetRir,
          });
        }
        if (waves && decision && session % PROJECT_EVERY === PROJECT_EVERY - 1) {
          projections.push(...projectWave(waves, session, decision.proposed, place, context));
        }
        const way = Math.sign(next.loadG - plan.loadG);
        const outcome = outcomes[place]!;
        if (before && way !== 0) {
          outcome.changes += 1;
          if (before.way !== 0 && way !== before.way) outcome.turns += 1;
        }
        plans.set(lift.id, {
          plan: kept,
          climb: false,
          way: way || (before?.way ?? 0),
        });
      });
    }
    grown = strongerBy(grown, (lifter.weeklyGain * DAYS_BETWEEN) / 7);
  }
  return outcomes;
}

/** Lifts of different families, one after another, as a programme covers them. */
export function programmeOf(lifts: readonly Lift[], count: number, random: Random): Lift[] {
  const mixed = lifts
    .filter((lift) => !lift.longLever && lift.bodyShare === 0 && lift.implement !== 'assisted')
    .map((lift) => ({ lift, key: random.unit() }))
    .sort((a, b) => a.key - b.key)
    .map(({ lift }) => lift);
  const first = mixed.filter(
    (lift, at) =>
      at === mixed.findIndex((other) => familyOf[other.pattern] === familyOf[lift.pattern]),
  );
  return [...first, ...mixed.filter((lift) => !first.includes(lift))].slice(0, count);
}
