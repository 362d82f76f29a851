import type { screeningQuestions } from '@spalo/catalog';
import type { Client, Screening, ScreeningOpening } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { DateField } from '../../design/DateField';
import { TextField } from '../../design/TextField';
import { useNow } from '../../design/use-now';
import { sync } from '../../state/device';
import { queryClient } from '../../state/query-client';
import { useQuestions } from '../../parts/client/use-questions';
import { NO_DAY, clockTime, isDay, shortDate } from '../../parts/time/day-time';

type Answers = Screening['answers'];

const yesNo: { value: boolean | null; label: string }[] = [
  { value: false, label: 'No' },
  { value: true, label: 'Yes' },
];

const noAnswer: Answers[string] = { yes: false, note: '', clearedBy: '', clearedOn: null };

/** Who cleared it and when; what the answer limits is lifted once both are there. */
function Clearance({
  asks,
  answer,
  onChange,
}: {
  asks: string;
  answer: Answers[string];
  onChange: (part: Partial<Answers[string]>) => void;
}) {
  const [day, setDay] = useState(answer.clearedOn ?? '');
  const wrong = day !== '' && !isDay(day);
  return (
    <View role="group" aria-label={`More on: ${asks}`} className="gap-2">
      <TextField
        label="What, since when"
        value={answer.note}
        onChange={(note) => onChange({ note })}
        max={300}
      />
      <View className="flex-row gap-2">
        <View className="flex-1">
          <TextField
            label="Cleared by"
            value={answer.clearedBy}
            onChange={(clearedBy) => onChange({ clearedBy })}
            max={200}
          />
        </View>
        <View className="flex-1">
          <DateField
            label="On"
            value={day}
            onChange={(text) => {
              setDay(text);
              onChange({ clearedOn: isDay(text) ? text : null });
            }}
            problem={wrong ? NO_DAY : null}
          />
        </View>
      </View>
    </View>
  );
}

function Question({
  question,
  answer = noAnswer,
  answered,
  onChange,
}: {
  question: (typeof screeningQuestions)[number];
  answer: Answers[string] | undefined;
  /** Until somebody has, neither answer is taken. */
  answered: boolean;
  onChange: (part: Partial<Answers[string]>) => void;
}) {
  return (
    <View className="gap-1">
      <Strong>{question.asks}</Strong>
      <Choice
        label={question.asks}
        options={yesNo}
        value={answered ? answer.yes : null}
        onChange={(yes) => onChange({ yes: yes === true })}
      />
      {answer.yes && (
        <>
          <Banner kind="stop" title={question.limits} />
          <Clearance asks={question.asks} answer={answer} onChange={onChange} />
        </>
      )}
    </View>
  );
}

/** A plain no to every question that is not answered yet, in one tap; nothing once all are. */
function NoToTheRest({
  answers,
  onTake,
}: {
  answers: Answers;
  onTake: (answers: Answers) => void;
}) {
  const questions = useQuestions();
  if (questions.every(({ id }) => answers[id] !== undefined)) return null;
  const all = questions.map(({ id }) => [id, answers[id] ?? noAnswer] as const);
  return (
    <Button
      label="No to the rest"
      says="No to all questions that are not answered yet"
      onPress={() => onTake({ ...answers, ...Object.fromEntries(all) })}
    />
  );
}

/** Health answers: closed until opened, and every opening is recorded on the server. Needs the network. */
export function ScreeningSection({ client, zone }: { client: Client; zone: string }) {
  const [answers, setAnswers] = useState<Answers | null>(null);
  const [answeredAt, setAnsweredAt] = useState<string | null>(null);
  const [openings, setOpenings] = useState<ScreeningOpening[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [saved, setSaved] = useState(false);
  const now = useNow(false);
  const questions = useQuestions();
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
      // What was answered here a moment ago arrives first: older answers shown would be saved over it.
      await sync.flush();
      const found = await call('screening', { params });
      setAnswers(found.answers);
      setAnsweredAt(found.answeredAt);
      setOpenings((await call('screeningOpenings', { params })).openings);
    });
  const change = (id: string, part: Partial<Answers[string]>) => {
    setSaved(false);
    setAnswers((before) => ({ ...before, [id]: { ...noAnswer, ...before?.[id], ...part } }));
  };
  const changeAll = (all: Answers) => {
    setSaved(false);
    setAnswers(all);
  };
  const save = () =>
    attemptHere(async () => {
      const half = Object.values(answers ?? {}).some(
        ({ clearedBy, clearedOn }) => (clearedBy === '') !== (clearedOn === null),
      );
      if (half) throw new Error('Clearance needs who gave it and the day, as 2026-11-24');
      const kept = await call('putScreening', { params, body: { answers: answers ?? {} } });
      setAnsweredAt(kept.answeredAt);
      setSaved(true);
      await queryClient.invalidateQueries({ queryKey: ['clients'] });
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
          {questions.map((question) => (
            <Question
              key={question.id}
              question={question}
              answer={answers[question.id]}
              answered={answers[question.id] !== undefined}
              onChange={(part) => change(question.id, part)}
            />
          ))}
          <NoToTheRest answers={answers} onTake={changeAll} />
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
