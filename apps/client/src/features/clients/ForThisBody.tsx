import type { Client } from '@spalo/contract';
import {
  bodyFromHeight,
  pullStyles,
  squatStyles,
  type BodyLengths,
  type PullStyle,
  type SquatStyle,
} from '@spalo/core/geometry';
import { useState } from 'react';
import { Choice } from '../../design/Choice';
import { LifterFigure } from '../../design/LifterFigure';
import { capital } from '../../design/sentence';
import { Section } from '../../design/Section';
import { Body, Quiet } from '../../design/Words';
import { answersOf, bodyOf, poseOf, whyText, type Position } from './for-this-body';

const styleOptions = <T extends string>(styles: readonly T[]) =>
  styles.map((value) => ({ value, label: capital(value) }));
const lifts = [
  { value: 'squat', label: 'Squat, at its bottom' },
  { value: 'pull', label: 'Pull, at its start' },
] as const;
const squats = styleOptions(squatStyles);
const pulls = styleOptions(pullStyles);

function Positions({ client, body }: { client: Client; body: BodyLengths }) {
  const [lift, setLift] = useState<Position['lift']>('squat');
  const [squat, setSquat] = useState<SquatStyle>('high bar');
  const [pull, setPull] = useState<PullStyle>('conventional');
  const position: Position = lift === 'squat' ? { lift, style: squat } : { lift, style: pull };
  const pose = poseOf(body, position, client.bodyMassG);
  const usual = poseOf(bodyFromHeight(client.heightMm!), position, client.bodyMassG);
  const answers = answersOf(body, position, client.bodyMassG);
  const isOwn = client.segments !== null;
  const why = isOwn ? whyText(body, client.heightMm!, position, client.bodyMassG) : null;
  return (
    <>
      <Choice label="Position" options={lifts} value={lift} wrap onChange={setLift} />
      {lift === 'squat' ? (
        <Choice
          label="Style of the squat"
          options={squats}
          value={squat}
          wrap
          onChange={setSquat}
        />
      ) : (
        <Choice label="Style of the pull" options={pulls} value={pull} wrap onChange={setPull} />
      )}
      {pose ? (
        <LifterFigure
          pose={pose}
          {...(isOwn && usual && { beside: usual })}
          says={`The ${position.style} ${lift} of this body: ${answers.join('; ')}`}
        />
      ) : (
        <Body>This body cannot reach it: a higher start, or another style.</Body>
      )}
      {why && <Body>{why}</Body>}
      {answers.map((answer) => (
        <Quiet key={answer} className="text-ink">
          {answer}
        </Quiet>
      ))}
      <Quiet>
        {isOwn
          ? 'By measured lengths. Behind, in grey: the usual body of this height.'
          : 'By height alone: measured lengths make it surer.'}
      </Quiet>
    </>
  );
}

/** What a set-up should look like for this client's proportions: why they lean, how high their hips start. */
export function ForThisBody({ client }: { client: Client }) {
  const body = bodyOf(client);
  return (
    <Section title="For this body">
      {body ? (
        <Positions client={client} body={body} />
      ) : (
        <Body>Needs a height: add it under Facts.</Body>
      )}
    </Section>
  );
}
