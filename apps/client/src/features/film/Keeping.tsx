import { percentText } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet } from '../../design/Words';
import { ApiProblem, call } from '../../api/call';
import type { FilmPlace } from '../../parts/film/use-film-file';
import type { FoundClip } from '../../parts/film/find-clip';
import { dropFile, getFile, putFile, useFileWays } from '../../state/film/film-files';
import { sendFilms } from '../../state/film/send-films';
import { addToSession } from '../../state/past-session';
import { attempt } from '../../state/problems';

/** Takes a file away here and in the studio. What the studio does not have is away there; without network nothing is. */
async function removeFile(id: string) {
  const held = await getFile(id);
  if (!held || held.wanted) {
    await call('deleteFilm', { params: { id } }).catch((error: unknown) => {
      if (!(error instanceof ApiProblem)) throw error;
    });
  }
  await dropFile(id);
}

/** Takes a clip out of its session by taking back the entry that it came with; its stills go with it. */
async function removeClip({ clip, lift, session }: FoundClip, trainerId: string) {
  const stills = lift.stills.filter(({ clipId }) => clipId === clip.id);
  for (const { id } of [clip, ...stills]) await removeFile(id);
  await addToSession(session.id, trainerId, 'entries.withdrawn', {
    eventIds: [clip.eventId],
    withdrawn: true,
  });
}

function RemoveSheet({ onRemove, onClose }: { onRemove: () => void; onClose: () => void }) {
  return (
    <Sheet title="Remove this film?" open onClose={onClose}>
      <Body>
        The film and its stills go from this device and from the studio, for good. Marks stay.
      </Body>
      <Button kind="stop" big label="Remove" onPress={onRemove} />
      <Button label="Keep it" onPress={onClose} />
    </Sheet>
  );
}

/** Where a film is kept: on this device, and in the studio once the trainer lets it go there. */
export function Keeping({
  found,
  place,
  trainerId,
}: {
  found: FoundClip;
  place: FilmPlace;
  trainerId: string;
}) {
  const router = useRouter();
  const { clip, session } = found;
  const [removing, setRemoving] = useState(false);
  const way = useFileWays(({ ways }) => ways[clip.id]);
  useEffect(() => {
    // What this device knows of its way to the studio is read where it is asked for.
    void sendFilms();
  }, []);
  const send = () =>
    attempt(async () => {
      const held = await getFile(clip.id);
      if (held) await putFile(clip.id, { ...held, wanted: true, refusal: null });
      void sendFilms();
    });
  const remove = () =>
    attempt(async () => {
      await removeClip(found, trainerId);
      router.push({ pathname: '/clients/[id]/review', params: { id: session.clientId } });
    });
  const size = `${(clip.bytes / 1_000_000).toFixed(1)} MB`;
  const says =
    place.at === 'studio'
      ? `In the studio’s store, ${size}.`
      : way?.sent
        ? `On this device and in the studio’s store, ${size}.`
        : way?.wanted
          ? `Being sent: ${percentText(way.received / Math.max(1, way.bytes))} of ${size}. It goes on by itself where the network breaks off.`
          : `On this device only, ${size}.`;
  return (
    <Section title="Where it is kept">
      <Body>{says}</Body>
      {way?.refusal && (
        <Quiet role="alert" className="text-oxide">
          {way.refusal}
        </Quiet>
      )}
      {way && !way.sent && (!way.wanted || way.refusal !== null) && (
        <Button label="Send it to the studio" onPress={send} />
      )}
      <Button kind="stop" label="Remove the film…" onPress={() => setRemoving(true)} />
      {removing && <RemoveSheet onRemove={remove} onClose={() => setRemoving(false)} />}
    </Section>
  );
}
