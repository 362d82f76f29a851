import { joints, type Pain, type PainKind, type Side } from '@spalo/core';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Banner } from '../../../design/Banner';
import { Choice } from '../../../design/Choice';
import { Sheet } from '../../../design/Sheet';
import { Quiet, Strong } from '../../../design/Words';
import { placeOptions, sideOptions } from '../../../parts/words/place-options';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const kinds: { value: PainKind; label: string }[] = [
  { value: 'ache', label: 'Ache' },
  { value: 'sharp', label: 'Sharp' },
  { value: 'numb', label: 'Numb' },
  { value: 'dizzy', label: 'Dizzy' },
  { value: 'chest', label: 'In the chest' },
];

/** Where it hurts, how, and how much. The number is last and stores it: two taps when the place is right. */
export function PainSheet() {
  const { lane, actions, sheets, openLift } = useLane();
  const view = useLiftInHand();
  const stressed = view.lift.stress.map(({ joint }) => joint);
  const flagged = lane.client?.flags.find(
    (flag) => flag.state !== 'closed' && stressed.some((joint) => joint === flag.place),
  );
  const hurting = stressed.find((joint) => joint === flagged?.place);
  const [place, setPlace] = useState<Pain['place']>(hurting ?? stressed[0] ?? 'low back');
  const [side, setSide] = useState<Side>(flagged?.side ?? 'none');
  const [kind, setKind] = useState<PainKind>('ache');
  const places: Pain['place'][] = [
    ...new Set<Pain['place']>([...(hurting ? [hurting] : []), ...stressed, ...joints]),
  ];
  const report = (score: number) => {
    const where = kind === 'chest' ? 'chest' : kind === 'dizzy' ? 'head' : place;
    // The lane stays on this lift, so that what stops it is read before anything else is done.
    openLift(view.lift.id);
    sheets.closing(() => actions.reportPain(lane, view.lift, { place: where, side, kind, score }));
  };
  return (
    <Sheet title={`Where does it hurt, ${lane.name}`} open onClose={sheets.close}>
      <View className="gap-2">
        <Strong>How much, 0 to 10</Strong>
        <View className="flex-row flex-wrap gap-2" role="group" aria-label="Pain from 0 to 10">
          {Array.from({ length: 11 }, (_, score) => (
            <Pressable
              key={score}
              role="button"
              aria-label={`Pain ${score} of 10`}
              onPress={() => report(score)}
              className={`min-h-tap min-w-tap items-center justify-center rounded-2xl border-2 active:opacity-80 ${
                score >= 4 ? 'border-oxide bg-oxide-soft' : 'border-line bg-card'
              }`}
            >
              <Text className={`font-figure text-figure ${score >= 4 ? 'text-oxide' : 'text-ink'}`}>
                {score}
              </Text>
            </Pressable>
          ))}
        </View>
        <Quiet>{`${place}${side === 'none' ? '' : `, ${side}`}. From 4, or 2 more than usual, the lift stops.`}</Quiet>
      </View>
      <Choice label="What it feels like" options={kinds} value={kind} onChange={setKind} wrap />
      <Choice label="Place" options={placeOptions(places)} value={place} onChange={setPlace} wrap />
      <Choice label="Side" options={sideOptions} value={side} onChange={setSide} />
      {kind !== 'ache' && (
        <Banner kind="stop" title="Any number stops the lift">
          Chest pain, dizziness or numbness: first aid, and the emergency number when in doubt.
        </Banner>
      )}
    </Sheet>
  );
}
