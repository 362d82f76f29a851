import { TextInput, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Body, Quiet, Strong } from '../../design/Words';
import { useQuestions } from '../client/use-questions';
import type { IntakeDraft } from './intake-drafts';

const yesNo = [
  { value: false, label: 'No' },
  { value: true, label: 'Yes' },
] as const;

/** A plain no to each of some questions. */
const noToAll = (ids: readonly string[]): IntakeDraft['answers'] =>
  Object.fromEntries(ids.map((id) => [id, { yes: false, note: '' }]));

export function HealthStep({
  answers,
  consent,
  onChange,
}: {
  answers: IntakeDraft['answers'];
  consent: boolean;
  onChange: (answers: IntakeDraft['answers']) => void;
}) {
  const questions = useQuestions();
  const open = questions.filter(({ id }) => !answers[id]);
  if (!consent) {
    return (
      <Banner kind="wait" title="Not asked yet">
        The client has not agreed that health answers are kept. Go back to the first step to record
        it, or ask the questions later on their page.
      </Banner>
    );
  }
  return (
    <>
      <Quiet>Ask each one. Any yes limits what is offered until a clinician clears it.</Quiet>
      {questions.map((question) => {
        const answer = answers[question.id];
        const change = (part: Partial<{ yes: boolean; note: string }>) =>
          onChange({
            ...answers,
            [question.id]: { yes: answer?.yes ?? false, note: answer?.note ?? '', ...part },
          });
        return (
          <View key={question.id} className="gap-1">
            <Strong>{question.asks}</Strong>
            <Choice
              label={question.asks}
              options={yesNo}
              value={answer ? answer.yes : null}
              onChange={(yes) => change({ yes: yes === true })}
            />
            {answer?.yes && (
              <View className="gap-2">
                <Banner kind="stop" title={question.limits} />
                <TextInput
                  value={answer.note}
                  onChangeText={(note) => change({ note })}
                  aria-label={`Note: ${question.asks}`}
                  placeholder="What, since when"
                  maxLength={300}
                  className="min-h-tap rounded-2xl border border-slate bg-card px-4 font-text text-body text-ink"
                />
              </View>
            )}
          </View>
        );
      })}
      {open.length > 0 && (
        <Button
          label="No to the rest"
          says="No to all questions that are not answered yet"
          onPress={() => onChange({ ...answers, ...noToAll(open.map(({ id }) => id)) })}
        />
      )}
      {open.length > 0 && (
        <Body className="text-slate">Not everything is answered yet; the rest can follow.</Body>
      )}
    </>
  );
}
