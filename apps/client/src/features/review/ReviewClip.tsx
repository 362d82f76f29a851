import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Quiet } from '../../design/Words';
import { ClipStage } from '../../parts/film/ClipStage';
import type { FoundClip } from '../../parts/film/find-clip';
import { useFilmFile } from '../../parts/film/use-film-file';
import { loadReps } from '../../parts/words/load-words';

/** A film of a set as it is looked at again: with the path that was found in it, and the way to the film bench. */
export function ReviewClip({ found, highest }: { found: FoundClip; highest: number }) {
  const router = useRouter();
  const { clip, set, lift, session, place } = found;
  const film = useFilmFile(clip.id);
  const says = `Film of set ${place}, ${loadReps(set.loadG, set.reps, session.unit, lift.plan.counted)}`;
  const open = () =>
    router.push({
      pathname: '/clients/[id]/film',
      params: { id: session.clientId, clip: clip.id },
    });
  return (
    <View className="gap-2">
      {'url' in film ? (
        <ClipStage clip={clip} url={film.url} highest={highest} says={says} />
      ) : (
        <Quiet>
          {film.at === 'coming' ? '' : `${says}: on another device, or not kept any more.`}
        </Quiet>
      )}
      <Button icon="watch" label={says} onPress={open} />
    </View>
  );
}
