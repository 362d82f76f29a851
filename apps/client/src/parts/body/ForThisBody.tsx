import {
  answersOf,
  blocksSays,
  bodyOf,
  lookSays,
  poseOf,
  stanceSays,
  whyText,
  type Position,
  type Stance,
} from '@spalo/coaching/build';
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
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { capital } from '../../design/sentence';
import { Section } from '../../design/Section';
import { Body, Quiet } from '../../design/Words';
import { SetUpFigure } from './SetUpFigure';
import { MeasureStill } from './MeasureStill';

const styleOptions = <T extends string>(styles: readonly T[]) =>
  styles.map((value) => ({ value, label: capital(value) }));
const lifts = [
  { value: 'squat', label: 'Squat, at its bottom' },
  { value: 'pull', label: 'Pull, at its start' },
] as const;
const squats = styleOptions(squatStyles);
const pulls = styleOptions(pullStyles);

/** A bar this much lower than on full plates is tried, mm: half the difference to the usual small plate. */
const LOW_BAR_HEIGHT = 115;

/** What may be tried besides the style: shown as the figure would stand then. */
function Tries({
  position,
  stance,
  onTry,
}: {
  position: Position;
  stance: Stance;
  onTry: (stance: Stance) => void;
}) {
  const toggle = (key: keyof Stance, value: Stance[keyof Stance]) =>
    onTry({ ...stance, [key]: stance[key] === undefined ? value : undefined });
  return (
    <View className="flex-row flex-wrap gap-2">
      {'squat' in position ? (
        <>
          <Chip
            label="Heels up 2 cm"
            look={stance.heels ? 'taken' : 'plain'}
            pressed={Boolean(stance.heels)}
            onPress={() => toggle('heels', 20)}
          />
          <Chip
            label="Wider stance"
            look={stance.wide ? 'taken' : 'plain'}
            pressed={Boolean(stance.wide)}
            onPress={() => toggle('wide', true)}
          />
        </>
      ) : (
        <Chip
          label="Small plates, no blocks"
          look={stance.barHeight ? 'taken' : 'plain'}
          pressed={Boolean(stance.barHeight)}
          onPress={() => toggle('barHeight', LOW_BAR_HEIGHT)}
        />
      )}
    </View>
  );
}

const sourceWords = (client: Client): string =>
  client.segments
    ? `By lengths ${client.segments.by === 'still' ? 'from a picture' : 'by tape'}. Behind, in grey: the usual body of this height.`
    : 'By height alone: measured lengths make it surer.';

function Positions({ client, body }: { client: Client; body: BodyLengths }) {
  const [lift, setLift] = useState<'squat' | 'pull'>('squat');
  const [squat, setSquat] = useState<SquatStyle>('high bar');
  const [pull, setPull] = useState<PullStyle>('conventional');
  const [stance, setStance] = useState<Stance>({});
  const position: Position = lift === 'squat' ? { squat } : { pull };
  const name = lift === 'squat' ? `${squat} squat` : `${pull} pull`;
  const usual = bodyFromHeight(client.heightMm!);
  const tried = Object.values(stance).some((value) => value !== undefined);
  // Behind stands what is compared: the same body as it stands without the try, else the usual body.
  const beside = tried
    ? poseOf(client, body, position)
    : client.segments
      ? poseOf(client, usual, position)
      : null;
  const answers = answersOf(client, body, position, stance);
  const why = client.segments
    ? whyText({ ...client, heightMm: client.heightMm! }, body, position)
    : null;
  const look =
    'squat' in position ? lookSays({ ...client, heightMm: client.heightMm! }, body) : null;
  const blocks =
    'pull' in position && stance.barHeight !== undefined
      ? blocksSays(body, position.pull, stance.barHeight)
      : null;
  const less = 'squat' in position ? stanceSays(client, body, position.squat) : null;
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
      <SetUpFigure
        key={name}
        client={client}
        body={body}
        position={position}
        stance={stance}
        beside={beside}
        says={`The ${name} of this body: ${answers.join('; ')}`}
      />
      <Tries position={position} stance={stance} onTry={setStance} />
      {why && <Body>{why}</Body>}
      {look && <Body>{look}</Body>}
      {blocks && <Body>{blocks}</Body>}
      {less && !tried && <Body>{less}</Body>}
      {answers.map((answer) => (
        <Quiet key={answer} className="text-ink">
          {answer}
        </Quiet>
      ))}
      <Quiet>{tried ? 'Behind, in grey: without it.' : sourceWords(client)}</Quiet>
    </>
  );
}

/** What a set-up should look like for this client's proportions: why they lean, how high their hips start. */
export function ForThisBody({ client }: { client: Client }) {
  const body = bodyOf(client);
  const [measuring, setMeasuring] = useState(false);
  return (
    <Section title="For this body">
      {body ? (
        <>
          <Positions client={client} body={body} />
          <Button
            label="Measure from a picture"
            onPress={() => setMeasuring(true)}
            className="self-start"
          />
        </>
      ) : (
        <Body>Needs a height: add it under Facts.</Body>
      )}
      {measuring && <MeasureStill client={client} onClose={() => setMeasuring(false)} />}
    </Section>
  );
}
