import { screeningQuestions } from '@spalo/catalog';
import type { Client, Screening, ScreeningOpening } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { useNow } from '../../design/use-now';
import { clockTime, shortDate } from '../day/day-time';

type Answers = Screening['answers'];

const yesNo = [
  { value: false, label: 'No' },
  { value: true, label: 'Yes' },
] as const;

/** Health answers: closed until opened, and every opening is recorded on the server. Needs the network. */
export function ScreeningSection({ client, zone }: { client: Client; zone: string }) {
  const [answers, setAnswers] = useState<Answers | null>(null);
  const [answeredAt, setAnsweredAt] = useState<string | null>(null);
  const [openings, setOpenings] = useState<ScreeningOpening[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [saved, setSaved] = useState(false);
  const now = useNow(false);
  const params = { id: client.id };

  const attemptHere = async (work: () => Promise<void>) => {
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    }
  };
  const open = () =>
    attemptHere(async () => {
      const found = await call('screening', { params });
      setAnswers(found.answers);
      setAnsweredAt(found.answeredAt);
      setOpenings((await call('screeningOpenings', { params })).openings);
    });
  const save = () =>
    attemptHere(async () => {
      const kept = await call('putScreening', { params, body: { answers: answers ?? {} } });
      setAnsweredAt(kept.answeredAt);
      setSaved(true);
    });

  return (
    <Section title="Screening">
      {problem && <Banner kind="stop" title={problem} />}
      {!answers ? (
        <View className="gap-2">
          <Body>
            {client.mine
              ? 'Health answers are for this client’s trainers. Opening them is recorded.'
              : 'Only this client’s own trainers may open the health answers.'}
          </Body>
          {client.mine && <Button label="Open the answers" onPress={() => void open()} />}
        </View>
      ) : (
        <View className="gap-4">
          <Quiet>
            {answeredAt ? `Answered ${shortDate(answeredAt, zone, now)}` : 'Not answered yet'}
          </Quiet>
          {screeningQuestions.map((question) => {
            const yes = answers[question.id]?.yes ?? false;
            return (
              <View key={question.id} className="gap-1">
                <Strong>{question.asks}</Strong>
                <Choice
                  label={question.asks}
                  options={yesNo}
                  value={yes}
                  onChange={(value) => {
                    setSaved(false);
                    setAnswers({
                      ...answers,
                      [question.id]: { yes: value, note: answers[question.id]?.note ?? '' },
                    });
                  }}
                />
                {yes && <Banner kind="stop" title={question.limits} />}
              </View>
            );
          })}
          <Button
            kind="main"
            label={saved ? 'Saved' : 'Save the answers'}
            disabled={saved}
            onPress={() => void save()}
          />
          <View>
            <Strong>Opened by</Strong>
            {openings.map((opening) => (
              <Quiet key={opening.at}>
                {`${opening.trainerName}, ${shortDate(opening.at, zone, now)} ${clockTime(opening.at, zone)}${opening.allowed ? '' : ' (refused)'}`}
              </Quiet>
            ))}
          </View>
        </View>
      )}
    </Section>
  );
}
