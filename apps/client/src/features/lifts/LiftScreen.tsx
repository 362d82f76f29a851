import { amid } from '@spalo/core/unit';
import { findLift, liftById, type Fault, type Lesson, type Style } from '@spalo/catalog';
import { sharedCautions } from '@spalo/catalog/search';
import type { Lift } from '@spalo/core/lift';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { FaultGlyph } from '../../design/RepRail';
import { Section } from '../../design/Section';
import { capital } from '../../design/sentence';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { useTeaching } from '../../state/use-teaching';
import { StyleFigure } from '../../parts/body/Figures';
import { useLesson } from '../../parts/lesson/use-lesson';
import { CompareStyles } from './CompareStyles';
import { isOwn } from './own/change-own-lift';
import { OwnSection } from './own/OwnSection';
import { LessonChecklist } from './LessonChecklist';

const weights = { safety: 'stop the set', major: 'rep not clean', minor: 'note it' } as const;

function FaultCard({ fault, style }: { fault: Fault; style: Style }) {
  const said = (cueId: string) => style.cues.find(({ id }) => id === cueId)?.text ?? '';
  return (
    <Card className="gap-2">
      <View className="flex-row items-center gap-3">
        <FaultGlyph glyph={fault.glyph} size={26} />
        <View className="shrink">
          <Strong>{fault.name}</Strong>
          <Quiet className={fault.weight === 'safety' ? 'text-oxide' : ''}>
            {weights[fault.weight]}
          </Quiet>
        </View>
      </View>
      {fault.causes.map((cause) => (
        <View key={cause.cause} className="gap-0.5 border-t border-line pt-2">
          <Strong>{cause.cause}</Strong>
          <Quiet>{`You see: ${amid(cause.tell)}`}</Quiet>
          {cause.remedies.map((remedy, index) => (
            <Body key={index}>
              {remedy.kind === 'cue'
                ? `Say: ${said(remedy.cueId)}`
                : `${capital(remedy.kind)}: ${remedy.text}`}
            </Body>
          ))}
        </View>
      ))}
    </Card>
  );
}

/** The teaching ladder and what to film: the same whatever the style. */
function LadderAndFilm({ lesson }: { lesson: Lesson }) {
  return (
    <>
      <Section title="Ladder">
        {lesson.ladder.map((rung) => (
          <View
            key={rung.name}
            className={`border-l-8 pl-3 ${rung.place === 'this' ? 'border-ink' : 'border-line'}`}
          >
            <Strong>{rung.name}</Strong>
            <Quiet>{rung.moveOn}</Quiet>
          </View>
        ))}
      </Section>
      <Section title="Film it">
        {lesson.film.map((shot) => (
          <Body key={shot.view}>{`${capital(shot.view)}: ${shot.shows}`}</Body>
        ))}
      </Section>
    </>
  );
}

/** The cues of a style, with what each is about. */
function Cues({ style }: { style: Style }) {
  return (
    <Section title="Cues">
      {style.cues.map((cue) => (
        <View key={cue.id} className="border-l-8 border-line pl-3">
          <Strong>{cue.text}</Strong>
          <Quiet>{`${cue.kind}, for ${amid(style.checkpoints.find(({ id }) => id === cue.checkpointId)?.look ?? '')}${isOwn(cue.id) ? ' · the studio’s own' : ''}`}</Quiet>
        </View>
      ))}
    </Section>
  );
}

/** One style whole: whom it suits, what a clean rep is, checklist, cues, faults. */
function StylePage({
  lesson,
  style,
  soughtId,
}: {
  lesson: Lesson;
  style: Style;
  /** The fault that was looked for: it comes first. */
  soughtId: string | undefined;
}) {
  const wide = useWide();
  const sought = style.faults.find(({ id }) => id === soughtId);
  return (
    <View className="gap-6">
      <View className="gap-1">
        <Quiet>{style.suits}</Quiet>
        <Strong>A clean rep</Strong>
        <Body>{style.standard}</Body>
      </View>
      {sought && <FaultCard fault={sought} style={style} />}
      <StyleFigure style={style} />
      {[...lesson.cautions, ...sharedCautions(liftById(lesson.liftId))].map((caution) => (
        <Banner key={caution} title={caution} icon="alert" />
      ))}
      <View className={wide ? 'flex-row gap-6' : 'gap-6'}>
        <View className={wide ? 'flex-1 gap-6' : 'gap-6'}>
          <Section title="Checklist">
            <LessonChecklist key={style.id} style={style} />
          </Section>
          <Cues style={style} />
        </View>
        <View className={wide ? 'flex-1 gap-6' : 'gap-6'}>
          <Section title="Faults">
            {style.faults
              .filter((fault) => fault !== sought)
              .map((fault) => (
                <FaultCard key={fault.id} fault={fault} style={style} />
              ))}
          </Section>
          <LadderAndFilm lesson={lesson} />
        </View>
      </View>
    </View>
  );
}

/** Another style to look at beside the one that is read. */
function Beside({
  styles,
  chosen,
  beside,
  onCompare,
}: {
  styles: readonly Style[];
  chosen: string;
  beside: string | null;
  onCompare: (id: string | null) => void;
}) {
  const others = styles.filter(({ id }) => id !== chosen);
  if (others.length === 0) return null;
  return (
    <Section title="Beside another style">
      <Choice
        label="Compare with"
        options={[
          { value: null, label: 'Nothing' },
          ...others.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        value={beside}
        onChange={onCompare}
        wrap
      />
    </Section>
  );
}

/** Where one is: the way back, the lift, and the bench where its warm-up is tried. */
function Head({ lift, says }: { lift: Lift; says: string | null }) {
  const router = useRouter();
  const wide = useWide();
  return (
    <View className="flex-row items-center gap-3">
      {!wide && <IconButton icon="back" label="All lifts" onPress={() => router.push('/lifts')} />}
      <View className="min-w-0 flex-1">
        <Title className="text-name leading-8">{lift.name}</Title>
        {says !== null && <Quiet>{says}</Quiet>}
      </View>
      {lift.counted === 'reps' && (
        <IconButton
          icon="floor"
          label="Try its warm-up"
          onPress={() => router.push({ pathname: '/bench', params: { lift: lift.id } })}
        />
      )}
    </View>
  );
}

/** What of a lesson was looked for: a style and a fault in it. */
interface Sought {
  style?: string | undefined;
  fault?: string | undefined;
}

/** The lesson of a lift, brought when it is looked at: one of its styles, or two beside each other. */
function LessonPage({ lift, sought }: { lift: Lift; sought: Sought }) {
  const { lesson, failed, again } = useLesson(lift.id);
  const [chosen, setChosen] = useState<string | null>(sought.style ?? null);
  const [beside, setBeside] = useState<string | null>(null);
  if (failed) return <ErrorState what="The lesson could not be fetched" onRetry={again} />;
  if (!lesson) return <LoadingState what="the lesson" />;
  const style = lesson.styles.find(({ id }) => id === chosen) ?? lesson.styles[0]!;
  const other = lesson.styles.find(({ id }) => id === beside && id !== style.id);
  const styles = lesson.styles.map(({ id, name }) => ({ value: id, label: name }));
  return (
    <View className="gap-4">
      <Head lift={lift} says={styles.length > 1 ? null : style.name} />
      {styles.length > 1 && (
        <Choice label="Style" options={styles} value={style.id} onChange={setChosen} wrap />
      )}
      {other ? (
        <CompareStyles one={style} other={other} />
      ) : (
        <StylePage
          lesson={lesson}
          style={style}
          soughtId={style.id === sought.style ? sought.fault : undefined}
        />
      )}
      <Beside
        styles={lesson.styles}
        chosen={style.id}
        beside={other?.id ?? null}
        onCompare={setBeside}
      />
      <OwnSection liftId={lift.id} lesson={lesson} style={style} />
    </View>
  );
}

/** How a lift is done in its styles: standard, checklist, faults with remedies, ladder and filming. */
export function LiftScreen({ id, sought }: { id: string; sought: Sought }) {
  const router = useRouter();
  useTeaching();
  const lift = findLift(id);
  if (!lift) {
    return (
      <View className="p-4">
        <EmptyState
          icon="lifts"
          title="No such lift"
          action={<Button label="All lifts" onPress={() => router.push('/lifts')} />}
        >
          The catalogue does not hold it.
        </EmptyState>
      </View>
    );
  }
  return (
    <ScrollView tabIndex={0} className="flex-1" contentContainerClassName="gap-6 p-4">
      <LessonPage key={lift.id} lift={lift} sought={sought} />
    </ScrollView>
  );
}
