import { amid } from '@spalo/core/unit';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { withMark, type SuggestedMark } from '../../parts/film/film-signs';
import type { FoundClip } from '../../parts/film/find-clip';
import { addToSession, changeSet } from '../../state/past-session';
import { attempt } from '../../state/problems';

/** Takes a suggestion as a mark of its set, or drops it; either way it is not asked again. */
async function answer(
  { clip, set, lift, session }: FoundClip,
  trainerId: string,
  mark: SuggestedMark,
  taken: boolean,
) {
  const { sign, rep, fault } = mark;
  if (taken && fault) {
    const marked = withMark(set, { rep, faultId: fault.id, styleId: lift.plan.styleId });
    await changeSet(session.id, trainerId, 'set.corrected', { setId: set.id, ...marked });
  }
  await addToSession(session.id, trainerId, 'sign.answered', { clipId: clip.id, sign, rep, taken });
}

function OneSign({
  mark,
  reps,
  onAnswer,
}: {
  mark: SuggestedMark;
  /** How many reps the set was logged with. */
  reps: number;
  onAnswer: (taken: boolean) => void;
}) {
  const name = mark.fault?.name ?? mark.sign;
  const fits = mark.rep <= reps;
  return (
    <View className="gap-2 rounded-2xl bg-card p-3">
      <Strong>{`Rep ${mark.rep}: ${amid(name)}`}</Strong>
      <Body>{mark.says}</Body>
      {!fits && (
        <Quiet>{`The set was logged with ${reps} reps: correct it to mark this one.`}</Quiet>
      )}
      {mark.taken !== null ? (
        <Quiet>{mark.taken ? 'Marked' : 'Dropped'}</Quiet>
      ) : (
        <View className="flex-row gap-2">
          {mark.fault && fits && (
            <Button
              kind="main"
              label="Mark it"
              says={`Mark rep ${mark.rep}: ${name}`}
              onPress={() => onAnswer(true)}
              className="flex-1"
            />
          )}
          <Button
            label="Drop"
            says={`Drop rep ${mark.rep}: ${name}`}
            onPress={() => onAnswer(false)}
            className="flex-1"
          />
        </View>
      )}
    </View>
  );
}

/** What the film shows, rep by rep, to be taken as marks or dropped. */
export function Signs({
  found,
  marks,
  trainerId,
}: {
  found: FoundClip;
  marks: readonly SuggestedMark[];
  trainerId: string;
}) {
  const { followed } = found.clip;
  if (!followed) return null;
  return (
    <Section title="What the film shows">
      {followed.lostMs !== null && (
        <Banner kind="stop" title={`The bar was lost at ${(followed.lostMs / 1000).toFixed(1)} s`}>
          Go there, put the ring on it again and follow again from there.
        </Banner>
      )}
      {marks.length === 0 && <Body>Nothing that stands out: the reps are alike.</Body>}
      {marks.map((mark) => (
        <OneSign
          key={`${mark.sign}/${mark.rep}`}
          mark={mark}
          reps={found.set.reps}
          onAnswer={(taken) => attempt(() => answer(found, trainerId, mark, taken))}
        />
      ))}
    </Section>
  );
}
