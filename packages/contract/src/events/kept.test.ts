import { reduceSession, type SessionEvent } from '@spalo/core/session';
import { purposeText, whyText } from '@spalo/core/words';
import stored from '../../../../fixtures/version-1/session.json';
import { logEvent } from './event';

/** The sentences of the first version, from before reasons had codes. */
const sentences = stored.flatMap(({ type, payload }) => {
  if (type === 'suggestion.answered') return [String((payload as { why?: string }).why)];
  const { lifts = [] } = payload as { lifts?: { why: string; steps: { purpose: string }[] }[] };
  return lifts.flatMap(({ why, steps }) => [why, ...steps.map(({ purpose }) => purpose)]);
});

test('a log of the first version is taken, and shows the words that it was written with', () => {
  const events = stored.map((event) => logEvent.parse(event as never) as SessionEvent);
  const session = reduceSession(events)!;
  const shown = session.lifts.flatMap(({ plan, answer }) => [
    whyText(plan.why, 'lb'),
    ...plan.steps.map(({ purpose }) => purposeText(purpose)),
    ...(answer ? [whyText(answer.why, 'lb')] : []),
  ]);
  expect(sentences.some((text) => text.startsWith('Careful start'))).toBe(true);
  expect([...shown].sort()).toEqual([...sentences].sort());
});
