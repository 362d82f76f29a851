import { amid } from '@spalo/core/unit';
import type { Side } from '@spalo/core/lift';
import { recordedFlags } from '@spalo/core/person';
import { redSigns, signTold, type Pain, type PainKind } from '@spalo/core/session';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Chip } from '../../../design/Chip';
import { Choice } from '../../../design/Choice';
import { Sheet } from '../../../design/Sheet';
import { Quiet } from '../../../design/Words';
import { BodyMap } from '../../../parts/body/BodyMap';
import { sideOptions } from '../../../parts/words/place-options';
import { painWords, signWords } from '../../../parts/words/pain-words';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const kinds: { value: PainKind; label: string }[] = [
  { value: 'ache', label: 'Ache' },
  { value: 'sharp', label: 'Sharp' },
];

const scores = Array.from({ length: 11 }, (_, value) => ({
  value,
  label: String(value),
  says: `${value} of 10`,
}));

/** Where it hurts, how, and how much, in any order; the button names what it stores, and nothing else stores it. */
export function PainSheet() {
  const { lane, actions, sheets, openLift } = useLane();
  const view = useLiftInHand();
  const stressed = view.lift.stress.map(({ joint }) => joint);
  const flagged = recordedFlags(lane.client?.flags ?? []).find((flag) =>
    stressed.some((joint) => joint === flag.place),
  );
  const hurting = stressed.find((joint) => joint === flagged?.place);
  // Where something is known to hurt, that place is taken; nothing is guessed.
  const [place, setPlace] = useState<Pain['place'] | null>(hurting ?? null);
  const [side, setSide] = useState<Side>(flagged?.side ?? 'none');
  const [kind, setKind] = useState<PainKind>('ache');
  const [score, setScore] = useState<number | null>(null);
  const pain: Pain | null = score === null || place === null ? null : { place, side, kind, score };
  const inMiddle = place === 'neck' || place === 'upper back' || place === 'low back';
  // A side has no middle to it where there are two.
  const sidesHere = inMiddle ? sideOptions : sideOptions.filter(({ value }) => value !== 'none');
  const report = (told: Pain) => {
    // The lane stays on this lift, so that what stops it is read before anything else is done.
    openLift(view.lift.id);
    sheets.closing(() => actions.reportPain(lane, view.lift, told));
  };
  return (
    <Sheet title={`Where does it hurt, ${lane.name}`} open onClose={sheets.close}>
      <View role="group" aria-label="Stop the session at once" className="flex-row flex-wrap gap-2">
        {redSigns.map((sign) => (
          <Chip
            key={sign}
            look="flag"
            icon="alert"
            label={signWords(sign)}
            onPress={() => report(signTold(sign))}
          />
        ))}
      </View>
      <BodyMap
        label="Place"
        place={place}
        side={side}
        likely={stressed}
        onTake={(taken, on) => {
          setPlace(taken);
          setSide(on);
        }}
      />
      {place !== null && (
        <Choice label="Side" options={sidesHere} value={side} onChange={setSide} />
      )}
      <Choice label="What it feels like" options={kinds} value={kind} onChange={setKind} wrap />
      <View className="gap-2">
        <Quiet>How much? From 4, or 2 more than usual, the lift stops.</Quiet>
        <Choice label="Pain" options={scores} value={score} onChange={setScore} figures wrap />
      </View>
      {kind !== 'ache' && <Banner kind="stop" title="Any number stops the lift" />}
      <Button
        kind="stop"
        big
        label={
          pain
            ? `Note: ${amid(painWords(pain))}`
            : place === null
              ? 'Touch where it hurts'
              : 'Choose how much'
        }
        disabled={!pain}
        onPress={() => pain && report(pain)}
      />
    </Sheet>
  );
}
