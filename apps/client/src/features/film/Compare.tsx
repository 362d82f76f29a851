import { repsIn } from '../../parts/film/film-signs';
import { useFilmFile } from '../../parts/film/use-film-file';
import type { FoundClip } from '../../parts/film/find-clip';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet } from '../../design/Words';
import { unitOf } from '../../parts/film/overlay';
import { Stage } from '../../parts/film/Stage';
import { usePlayer, type Player } from '../../parts/film/use-player';

/** A rep of a clip, to be laid beside another. */
export interface RepOf {
  found: FoundClip;
  rep: number;
  /** Which film, in words; and which rep of it. */
  film: string;
  says: string;
}

/** What a rep can be compared with: every other followed one of the lift, the same set's first and last before all. */
export function comparable(
  found: FoundClip,
  others: readonly FoundClip[],
  dateOf: (at: string) => string,
): RepOf[] {
  return [found, ...others.filter(({ clip }) => clip.id !== found.clip.id)].flatMap((each) => {
    const own = each.clip.id === found.clip.id;
    const film = own ? 'This set' : `${dateOf(each.session.startedAt)}, set ${each.place}`;
    return repsIn(each.clip).map((_rep, rep) => ({
      found: each,
      rep,
      film,
      says: `${film}, rep ${rep + 1}`,
    }));
  });
}

function Half({ of, player, faint }: { of: RepOf; player: Player; faint: boolean }) {
  const { clip } = of.found;
  const place = useFilmFile(clip.id);
  if (!('url' in place))
    return <Quiet>{place.at === 'coming' ? '' : 'This film is not here.'}</Quiet>;
  const unit = unitOf(clip);
  return (
    <View style={faint ? { position: 'absolute', inset: 0, opacity: 0.5 } : undefined}>
      <Stage
        url={place.url}
        player={player}
        width={clip.width}
        height={clip.height}
        shapes={[]}
        handles={[]}
        onMove={() => undefined}
        unit={unit}
        highest={480}
        says={of.says}
      />
      {!faint && <Quiet>{of.says}</Quiet>}
    </View>
  );
}

const modes = [
  { value: false, label: 'Side by side' },
  { value: true, label: 'Laid over' },
];

/** Two reps, begun at the same moment of the rep. */
export function Compare({
  one,
  others,
  onClose,
}: {
  one: RepOf;
  others: readonly RepOf[];
  onClose: () => void;
}) {
  const clips = [...new Set(others.map(({ found }) => found.clip.id))];
  const [clipId, setClipId] = useState(clips.at(-1) ?? '');
  const ofClip = others.filter(({ found }) => found.clip.id === clipId);
  const [rep, setRep] = useState(one.rep);
  const [over, setOver] = useState(false);
  const other = ofClip.find((each) => each.rep === rep) ?? ofClip.at(-1);
  const left = usePlayer(one.found.clip.ms / 1000);
  const right = usePlayer((other?.found.clip.ms ?? 0) / 1000);
  if (!other) {
    return (
      <Sheet title="Compare" open onClose={onClose}>
        <Body>
          Follow the bar of another set of this lift first: its reps are what this one is compared
          with.
        </Body>
      </Sheet>
    );
  }
  const stretch = ({ found, rep }: RepOf) => {
    const { begin, end } = repsIn(found.clip)[rep]!;
    return { from: begin, to: end };
  };
  const play = () =>
    [left, right].forEach((player, side) => {
      const { from, to } = stretch(side === 0 ? one : other);
      player.setLoop({ from, to });
      player.seek(from);
      player.setSpeed(0.5);
      player.play();
    });
  return (
    <Sheet title="Compare" open onClose={onClose}>
      {clips.length > 1 && (
        <Choice
          label="Film"
          options={clips.map((id) => ({
            value: id,
            label: others.find(({ found }) => found.clip.id === id)!.film,
          }))}
          value={clipId}
          onChange={setClipId}
        />
      )}
      <Choice
        label="Rep of it"
        wrap
        figures
        options={ofClip.map((each) => ({
          value: each.rep,
          label: String(each.rep + 1),
          says: `Rep ${each.rep + 1}`,
        }))}
        value={other.rep}
        onChange={setRep}
      />
      <Choice label="How" options={modes} value={over} onChange={setOver} />
      <View className={over ? '' : 'flex-row gap-2'}>
        <View className={over ? '' : 'min-w-0 flex-1'}>
          <Half of={one} player={left} faint={false} />
        </View>
        <View
          className={over ? 'absolute inset-0' : 'min-w-0 flex-1'}
          pointerEvents={over ? 'none' : 'auto'}
        >
          <Half key={other.found.clip.id} of={other} player={right} faint={over} />
        </View>
      </View>
      <Button kind="now" big label="Play both, half speed" onPress={play} />
    </Sheet>
  );
}
