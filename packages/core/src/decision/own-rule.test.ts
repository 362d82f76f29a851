import fc from 'fast-check';
import { loadables } from '../loads/loadables';
import { exactly } from '../loads/loads';
import { noMemory, rememberLift, type LiftMemory } from '../memory/lift-memory';
import { ruleIn, underRule, type OwnRule } from '../session/own-rule';
import { ruleText } from '../words/decisions';
import { room, squat } from '../test/fixtures';
import { log } from '../test/log';
import { planOf } from '../session/plan';

const plan = planOf(log().lift().plan);
const loads = loadables(room, plan.implement);

/** What is remembered after sessions that each chose this share of the proposed load and so many reps more. */
function after(choices: readonly OwnRule[], from: LiftMemory = noMemory): LiftMemory {
  return choices.reduce((memory, { share, reps }, index) => {
    const session = log({ session: `s${index}` });
    session.warmUp();
    session.set();
    const chosen = { ...plan, loadG: plan.loadG * share, reps: plan.reps + reps };
    const accepted = share === 1 && reps === 0;
    const said = { proposed: plan, chosen, accepted, why: 'Why', reason: null };
    session.add('suggestion.answered', { liftId: squat.id, ...said });
    return rememberLift(memory, session.lift(), session.state(), () => null);
  }, from);
}

const lighter = { share: 0.95, reps: 0 };
const asProposed = { share: 1, reps: 0 };

describe('a trainer who overrides the same way', () => {
  it('is offered a rule after three times, and not where one of them went otherwise', () => {
    expect(ruleIn(after([lighter, lighter]).answers ?? [])).toBeNull();
    expect(ruleIn(after([lighter, { share: 0.9, reps: 0 }, lighter]).answers!)).toEqual(lighter);
    expect(ruleIn(after([lighter, asProposed, lighter]).answers!)).toBeNull();
    expect(ruleIn(after([asProposed, asProposed, asProposed]).answers!)).toBeNull();
    const fewer = { share: 1, reps: -1 };
    expect(ruleIn(after([lighter, fewer, fewer, fewer]).answers!)).toEqual(fewer);
    expect([lighter, fewer, { share: 1.04, reps: 0 }, { share: 1, reps: 2 }].map(ruleText)).toEqual(
      ['5% lighter', 'a rep fewer', '4% heavier', '2 reps more'],
    );
  });

  it('keeps the rule until it is taken off, and one session counts once', () => {
    const three = after([lighter, lighter, lighter]);
    expect(three.answers).toHaveLength(3);
    const session = log({ session: 'later' });
    session.add('rule.kept', { liftId: squat.id, rule: lighter });
    const ruled = rememberLift(three, session.lift(), session.state(), () => null);
    expect(ruled.rule).toEqual(lighter);
    expect(after([asProposed], ruled).rule).toEqual(lighter);
    session.add('rule.kept', { liftId: squat.id, rule: null });
    const freed = rememberLift(ruled, session.lift(), session.state(), () => null);
    expect(freed).not.toHaveProperty('rule');
  });

  it('gets proposals by it that the room can load, within the range, never far above', () => {
    const answer = fc.record({
      share: fc.double({ min: 0.1, max: 3, noNaN: true }),
      reps: fc.integer({ min: -20, max: 20 }),
    });
    fc.assert(
      fc.property(answer, answer, answer, (...answers) => {
        const rule = ruleIn(answers.map((each, index) => ({ sessionId: String(index), ...each })));
        if (!rule) return;
        const next = underRule(plan, rule, loads);
        expect(exactly(loads, next.loadG)).not.toBeNull();
        expect(next.loadG).toBeLessThanOrEqual(plan.loadG * 1.05);
        expect(next.reps).toBeGreaterThanOrEqual(plan.repRange.low);
        expect(next.reps).toBeLessThanOrEqual(plan.repRange.high);
      }),
    );
  });
});
