import { amid, countText } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import { ownLiftsToJson, readOwnLiftsFile, type FileProblem } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Section } from '../../../design/Section';
import { Body, Quiet, Strong, Title } from '../../../design/Words';
import { download } from '../../../state/download';
import { newId } from '../../../state/log/ids';
import { pickTextFile } from '../../../state/pick-file';
import { attempt } from '../../../state/problems';
import { useLearned } from '../../../state/queries';
import { useOpenSessions } from '../../../state/use-journal';
import { useTeaching } from '../../../state/use-teaching';
import { AddLiftSheet } from './AddLiftSheet';
import { deleteOwnLift, putOwnLift } from './change-own-lift';

const count = (many: number, one: string) => (many === 0 ? '' : countText(many, one));

/** What the studio teaches of its own, out as a file and in from one: all of it or nothing. */
function OwnFiles() {
  const own = useTeaching();
  const [problems, setProblems] = useState<FileProblem[]>([]);
  const [brought, setBrought] = useState<number | null>(null);
  const bring = () =>
    attempt(async () => {
      const content = await pickTextFile('.json,application/json');
      if (content === null) return;
      const file = readOwnLiftsFile(content);
      setProblems('problems' in file ? file.problems : []);
      setBrought('lifts' in file ? file.lifts.length : null);
      if (!('lifts' in file)) return;
      // What is there of a lift is replaced by what the file says of it.
      for (const lift of file.lifts) {
        const before = own.find(({ liftId }) => liftId === lift.liftId) ?? null;
        await putOwnLift({ ...lift, id: before?.id ?? newId() }, before);
      }
    });
  const take = () =>
    download(
      'spalo-own-lifts.json',
      'application/json',
      ownLiftsToJson(own.map(({ id: _id, ...lift }) => lift)),
    );
  return (
    <Section title="As a file">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Take it out" onPress={take} />
        <Button label="Bring a file in" onPress={bring} />
      </View>
      {brought !== null && <Body>{`${count(brought, 'lift')} brought in.`}</Body>}
      {problems.length > 0 && (
        <Banner kind="stop" title={`Nothing was brought in: ${problems.length} to mend`}>
          {problems
            .slice(0, 8)
            .map(({ column, message }) => `${column ?? 'file'}: ${message}`)
            .join('. ')}
        </Banner>
      )}
    </Section>
  );
}

/** Ids of the lifts that some client of the studio has done, or is doing now. */
function useTrained(): ReadonlySet<string> {
  const { trained } = useLearned();
  const open = useOpenSessions();
  return new Set([
    ...trained,
    ...open.flatMap(({ lifts }) => lifts.map(({ plan }) => plan.liftId)),
  ]);
}

/** Lifts that the studio added, and lifts of the catalogue that it teaches in its own way. */
export function OwnLiftsScreen() {
  const router = useRouter();
  const own = useTeaching();
  const trained = useTrained();
  const [adding, setAdding] = useState(false);
  const open = (id: string) => router.push({ pathname: '/lifts/[id]', params: { id } });
  return (
    <ScrollView tabIndex={0} className="flex-1" contentContainerClassName="gap-6 p-4">
      <Button
        label="All lifts"
        icon="back"
        className="self-start"
        onPress={() => router.push('/lifts')}
      />
      <Title>The studio’s own</Title>
      <Body>
        What you add, write or hide here is for all trainers of the studio, and stays with every new
        version.
      </Body>
      <Button kind="main" label="Add a lift" icon="plus" onPress={() => setAdding(true)} />
      {own.length === 0 && <Quiet>Nothing of the studio’s own yet.</Quiet>}
      {own.map((each) => {
        const { id, liftId, added, styles, cues, checkpoints, hidden } = each;
        const name = added?.name ?? findLift(liftId)?.name ?? liftId;
        const says = [
          added ? `like ${amid(findLift(added.like)?.name ?? added.like)}` : '',
          count(styles.length, 'style'),
          count(cues.length, 'cue'),
          count(checkpoints.length, 'checkpoint'),
          hidden.length > 0 ? `${hidden.length} hidden` : '',
        ];
        return (
          <Card key={id} className="gap-2">
            <Strong>{name}</Strong>
            <Quiet>{says.filter(Boolean).join(', ')}</Quiet>
            <View className="flex-row flex-wrap gap-2">
              <Button label="Open" says={`Open ${name}`} onPress={() => open(liftId)} />
              {!(added && trained.has(liftId)) && (
                <Button
                  label={added ? 'Take away' : 'As the catalogue'}
                  says={added ? `Take away ${name}` : `${name} as the catalogue has it`}
                  onPress={() => attempt(() => deleteOwnLift(each))}
                />
              )}
            </View>
            {added && trained.has(liftId) && <Quiet>It has been trained, so it stays.</Quiet>}
          </Card>
        );
      })}
      <OwnFiles />
      {adding && (
        <AddLiftSheet
          onAdded={(lift) => {
            setAdding(false);
            open(lift.liftId);
          }}
          onClose={() => setAdding(false)}
        />
      )}
    </ScrollView>
  );
}
