import { findLift } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { EmptyState, LoadingState } from '../../design/States';
import { Body, Quiet, Title } from '../../design/Words';
import { useComputedPose } from '../../parts/body/Figures';
import { suggestedMarks } from '../../parts/film/film-signs';
import { clipsOf, findClip, type FoundClip } from '../../parts/film/find-clip';
import { useFilmFile } from '../../parts/film/use-film-file';
import { useStyle } from '../../parts/lesson/use-style';
import { useRoomChoice } from '../../parts/room/use-room';
import { shortDate } from '../../parts/time/day-time';
import { loadReps } from '../../parts/words/load-words';
import { attempt } from '../../state/problems';
import { useClients, useClientSessions, useRooms } from '../../state/queries';
import { useNow } from '../../design/use-now';
import { Compare, comparable } from './Compare';
import { keepStill } from './keep-still';
import { Keeping } from './Keeping';
import { Signs } from './Signs';
import { Stage } from '../../parts/film/Stage';
import { Stills } from './Stills';
import { ToolPanel } from './ToolPanel';
import { Transport } from '../../parts/film/Transport';
import { useBench } from './use-bench';
import { usePlayer } from '../../parts/film/use-player';

/** The usual diameter of a full plate, mm, where the room says none. */
const FULL_PLATE = 450;

interface BenchProps {
  found: FoundClip;
  others: readonly FoundClip[];
  account: Account;
}

/** Diameters of the room's plates, the largest first. */
function usePlates(): number[] {
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  const diameters = room?.plates.map(({ diameterMm }) => diameterMm) ?? [];
  return [...new Set([FULL_PLATE, ...diameters])].sort((a, b) => b - a).slice(0, 6);
}

function FilmBench({ found, others, account }: BenchProps) {
  const { clip, lift } = found;
  const { width, height } = useWindowDimensions();
  // Also on a phone that lies on its side.
  const wide = width >= 900 || width > 1.3 * height;
  const nowMs = useNow(false);
  const plates = usePlates();
  const place = useFilmFile(clip.id);
  const player = usePlayer(clip.ms / 1000);
  const trainerId = account.trainer.id;
  const { data: clients = [] } = useClients();
  const client = clients.find(({ id }) => id === found.session.clientId);
  const style = useStyle(lift.plan.liftId, lift.plan.styleId, client);
  const bench = useBench(found, player, FULL_PLATE, trainerId, useComputedPose(client, style));
  const [comparing, setComparing] = useState(false);
  const marks = suggestedMarks(clip, style, bench.byPoints);
  if (place.at === 'coming') return <LoadingState what="the film" />;
  const keep = async (text: string) => {
    const video = player.video();
    if (video) await keepStill(found, trainerId, video, bench.shapes, bench.unit, text);
  };
  const reps = comparable(found, others, (at) => shortDate(at, account.studio.zone, nowMs));
  const one = reps[bench.rep];
  const picture =
    'url' in place ? (
      <View className="gap-3">
        <Stage
          url={place.url}
          player={player}
          width={clip.width}
          height={clip.height}
          shapes={bench.shapes}
          handles={bench.handles}
          onMove={bench.move}
          unit={bench.unit}
          highest={wide ? Math.max(150, height - 260) : height * 0.42}
          says={`Film of set ${found.place}`}
        />
        <Transport player={player} />
      </View>
    ) : (
      <Body>
        This film is on another device, or is not kept any more. What was found in it stays.
      </Body>
    );
  const panel = (
    <View className="gap-6">
      <RepsSeen seen={bench.reps.length} logged={found.set.reps} />
      <ToolPanel
        bench={bench}
        plates={plates}
        onFollow={() =>
          attempt(async () => ('blob' in place ? bench.follow(await place.blob()) : undefined))
        }
      />
      {one && <Button label="Compare this rep with another" onPress={() => setComparing(true)} />}
      <Signs found={found} marks={marks} trainerId={trainerId} />
      <Stills found={found} onKeep={keep} />
      <Keeping found={found} place={place} trainerId={trainerId} />
      {comparing && one && (
        <Compare
          one={one}
          others={reps.filter((each) => each !== one)}
          onClose={() => setComparing(false)}
        />
      )}
    </View>
  );
  return wide ? (
    <View className="flex-row gap-6">
      <View className="min-w-0 flex-[3]">{picture}</View>
      <View className="min-w-0 flex-[2]">{panel}</View>
    </View>
  ) : (
    <View className="gap-4">
      {picture}
      {panel}
    </View>
  );
}

/** Where a film shows other than the reps that were logged, it says so. */
function RepsSeen({ seen, logged }: { seen: number; logged: number }) {
  if (seen === 0 || seen === logged) return null;
  return (
    <Quiet className="text-ink">
      {seen < logged
        ? `${seen} of the ${logged} reps of the set are found in this film.`
        : `${seen} reps are found in this film; ${logged} were logged.`}
    </Quiet>
  );
}

/** The film bench: a clip of a set, what the bar did in it, and what that says. */
export function FilmScreen({
  clientId,
  clipId,
  account,
}: {
  clientId: string;
  clipId: string;
  account: Account;
}) {
  const router = useRouter();
  const nowMs = useNow(false);
  const { data: sessions } = useClientSessions(clientId);
  if (!sessions) return <LoadingState what="the film" />;
  const found = findClip(sessions, clipId);
  const review = () => router.push({ pathname: '/clients/[id]/review', params: { id: clientId } });
  if (!found)
    return (
      <EmptyState icon="watch" title="No such film">
        It was removed, or its session was.
      </EmptyState>
    );
  const { set, lift, session, place } = found;
  const name = findLift(lift.plan.liftId)?.name ?? lift.plan.liftId;
  const others = sessions
    .flatMap(clipsOf)
    .filter((each) => each.lift.plan.liftId === lift.plan.liftId);
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-4 p-4">
      <View className="flex-row items-center gap-3">
        <IconButton icon="back" label="To the review" onPress={review} />
        <View className="min-w-0 shrink">
          <Title className="text-name leading-8">{name}</Title>
          <Quiet>
            {`Set ${place}, ${loadReps(set.loadG, set.reps, session.unit, lift.plan.counted)} · ${shortDate(session.startedAt, account.studio.zone, nowMs)}`}
          </Quiet>
        </View>
      </View>
      <FilmBench key={clipId} found={found} others={others} account={account} />
    </ScrollView>
  );
}
