import { findLift } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import { lessOn } from '@spalo/core/person';
import type { LoadsDraft } from '@spalo/core/planning';
import { amid, nowMs, studioDay } from '@spalo/core/unit';
import { Strong } from '../../design/Words';
import { lessText } from '../../parts/words/less-words';

/** What a session is among the weeks: its day of the block, a lighter week or a time away, and what to ask after a return. */
export function TodayOfWeeks({ client, draft }: { client: Client; draft: LoadsDraft }) {
  const { block: day } = draft;
  const block = client.blocks?.find(({ id }) => id === day?.blockId);
  const less = lessOn(client, studioDay(nowMs()));
  const back = draft.lifts.filter(({ wayBack }) => wayBack && wayBack.step > 0);
  const asked = back.map(({ liftId, wayBack }) => {
    const name = amid(findLift(liftId)?.name ?? liftId);
    return `Ask how the ${wayBack!.place} was on the day after the ${name}.`;
  });
  return (
    <>
      {block && day && (
        <Strong>
          {`${block.name}: week ${day.week + 1} of ${block.weeks}, session ${day.day + 1} of ${block.days}.`}
        </Strong>
      )}
      {less && <Strong>{`${lessText(less)}.`}</Strong>}
      {client.cautions.includes('reserve not pulse') && (
        <Strong>Medication today: ask how they feel with it.</Strong>
      )}
      {asked.map((question) => (
        <Strong key={question}>{question}</Strong>
      ))}
    </>
  );
}
