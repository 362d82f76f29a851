import type { ListedClient } from '@spalo/contract';
import { countedSets, type LiftState, type SessionState } from '@spalo/core/session';
import { nowIso } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet } from '../../design/Words';
import { changeClient } from '../client/change-client';
import { loadReps } from '../words/load-words';
import { pickFile } from '../../state/pick-file';
import { attempt } from '../../state/problems';
import { addClip } from './add-clip';

/** Nobody is filmed who has not agreed to it. */
function AskConsent({ client }: { client: ListedClient }) {
  const name = client.calledName || client.name;
  const agreed = () =>
    attempt(() =>
      changeClient(
        client as Parameters<typeof changeClient>[0],
        { filmConsentAt: nowIso() },
        `${name} agreed to be filmed`,
      ),
    );
  return (
    <>
      <Body>
        {`Has ${name} agreed to be filmed? Films stay with this studio, are seen by its trainers, go when ${name} says so, and are taken away by the studio’s rule.`}
      </Body>
      <Button kind="main" label="Yes, they agreed" onPress={agreed} />
    </>
  );
}

/** Films a set of a lift, by the phone's camera or from a file, and goes to the film bench with it. */
export function FilmSheet({
  client,
  session,
  lift,
  trainerId,
  onClose,
}: {
  client: ListedClient;
  session: SessionState;
  lift: LiftState;
  trainerId: string;
  onClose: () => void;
}) {
  const router = useRouter();
  const sets = countedSets(lift);
  const [setId, setSetId] = useState(sets.at(-1)?.id ?? null);
  const [problem, setProblem] = useState<string | null>(null);
  const [reading, setReading] = useState(false);
  const film = async (camera: boolean) => {
    const file = await pickFile('video/*', camera);
    if (!file || !setId) return;
    setProblem(null);
    setReading(true);
    try {
      const clip = await addClip(session, setId, trainerId, file);
      onClose();
      router.push({
        pathname: '/clients/[id]/film',
        params: { id: session.clientId, session: session.id, clip },
      });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'The film cannot be read');
    } finally {
      setReading(false);
    }
  };
  const options = sets.map((set, at) => ({
    value: set.id,
    label: `${at + 1}: ${loadReps(set.loadG, set.reps, session.unit, lift.plan.counted)}`,
  }));
  return (
    <Sheet title="Film a set" open onClose={onClose}>
      {problem && <Banner kind="stop" title={problem} />}
      {!client.filmConsentAt ? (
        <AskConsent client={client} />
      ) : sets.length === 0 ? (
        <Body>Log the set first: a film belongs to a set.</Body>
      ) : (
        <>
          <Choice label="Set" options={options} value={setId} wrap onChange={setSetId} />
          <Quiet>
            From a true side, at hip height, about two metres away, with the whole bar path in the
            picture.
          </Quiet>
          <Button
            kind="main"
            big
            label={reading ? 'Reading the film…' : 'Film it'}
            disabled={reading}
            onPress={() => void film(true)}
          />
          <Button label="Choose a file" disabled={reading} onPress={() => void film(false)} />
        </>
      )}
    </Sheet>
  );
}
