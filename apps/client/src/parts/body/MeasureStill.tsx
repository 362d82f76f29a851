import type { Client } from '@spalo/contract';
import { lengthsFromStill, type StillSpots } from '@spalo/core/geometry';
import { createElement, useEffect, useRef, useState, type PointerEvent } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet } from '../../design/Words';
import { changeClient } from '../client/change-client';
import { pickFile } from '../../state/pick-file';
import { attempt } from '../../state/problems';

const spots = [
  { value: 'crown', label: 'Top of the head' },
  { value: 'shoulder', label: 'Shoulder' },
  { value: 'hip', label: 'Hip' },
  { value: 'knee', label: 'Knee' },
  { value: 'ankle', label: 'Ankle' },
  { value: 'fist', label: 'Fist' },
  { value: 'floor', label: 'Floor at the heel' },
] as const satisfies readonly { value: keyof StillSpots; label: string }[];

/** A picture's own address while it is shown. */
function useAddress(file: File | null): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    if (!file) return undefined;
    const made = URL.createObjectURL(file);
    // The address is the browser's, and is let go of with the picture.
    const shown = setTimeout(() => setAddress(made), 0);
    return () => {
      clearTimeout(shown);
      URL.revokeObjectURL(made);
    };
  }, [file]);
  return file ? address : null;
}

/** A picture to be tapped; `places` are shares of its width and height. */
function Tapped({
  address,
  places,
  onTap,
  onWrong,
}: {
  address: string;
  places: Partial<StillSpots>;
  onTap: (at: { x: number; y: number }, ratio: number) => void;
  onWrong: () => void;
}) {
  const picture = useRef<HTMLImageElement>(null);
  const tap = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const { naturalWidth: width = 1, naturalHeight: height = 1 } = picture.current ?? {};
    onTap(
      { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height },
      width / height,
    );
  };
  return (
    <View className="overflow-hidden rounded-2xl bg-line">
      {createElement('img', {
        ref: picture,
        src: address,
        alt: 'The client from the side',
        onError: onWrong,
        onPointerUp: tap,
        style: { width: '100%', display: 'block', cursor: 'crosshair' },
      })}
      {Object.entries(places).map(([spot, at]) => (
        <View
          key={spot}
          pointerEvents="none"
          className="absolute h-4 w-4 rounded-full border-2 border-ink bg-marigold"
          style={{
            left: `${at.x * 100}%`,
            top: `${at.y * 100}%`,
            transform: [{ translateX: -8 }, { translateY: -8 }],
          }}
        />
      ))}
    </View>
  );
}

/** Lengths of the body from one picture of the client standing side-on: the height gives the scale. */
export function MeasureStill({ client, onClose }: { client: Client; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  const address = useAddress(file);
  const [wrong, setWrong] = useState(false);
  const [places, setPlaces] = useState<Partial<StillSpots>>({});
  const [ratio, setRatio] = useState(1);
  const [spot, setSpot] = useState<keyof StillSpots>('crown');
  const choose = async () => {
    const picked = await pickFile('image/*');
    if (!picked) return;
    setWrong(false);
    setPlaces({});
    setSpot('crown');
    setFile(picked);
  };
  const tap = (at: { x: number; y: number }, shape: number) => {
    const next = { ...places, [spot]: at };
    setRatio(shape);
    setPlaces(next);
    setSpot(spots.find(({ value }) => !next[value])?.value ?? spot);
  };
  const whole = spots.every(({ value }) => places[value]);
  const lengths = whole ? lengthsFromStill(places as StillSpots, ratio, client.heightMm!) : null;
  const keep = () =>
    attempt(async () => {
      if (!lengths) return;
      const { kneeToWallMm } = client.segments ?? {};
      const segments = {
        ...lengths,
        by: 'still' as const,
        ...(kneeToWallMm !== undefined && { kneeToWallMm }),
      };
      await changeClient(client, { segments }, 'Lengths from a picture kept');
      onClose();
    });
  return (
    <Sheet title="Measure from a picture" open onClose={onClose}>
      <Quiet>
        Standing side-on, shoes off, arms hanging, the camera at hip height and three metres away.
        The picture stays on this device.
      </Quiet>
      {wrong && <Banner kind="stop" title="This file is no picture that can be shown" />}
      {address && !wrong && (
        <>
          <Choice label="Tap on" options={[...spots]} value={spot} wrap onChange={setSpot} />
          <Tapped address={address} places={places} onTap={tap} onWrong={() => setWrong(true)} />
        </>
      )}
      {whole && !lengths && (
        <Banner kind="stop" title="These points are no standing body">
          Tap them again: the head at the top, the floor below the ankle.
        </Banner>
      )}
      {lengths && (
        <>
          <Body>
            {`Hip to knee ${lengths.thighMm / 10}, knee to ankle ${lengths.shinMm / 10}, hip to shoulder ${lengths.trunkMm / 10}, arm ${lengths.armMm / 10} cm, each to about 2.5%.`}
          </Body>
          <Button kind="main" label="Save these lengths" onPress={keep} />
        </>
      )}
      <Button label={file ? 'Another picture' : 'Choose a picture'} onPress={() => void choose()} />
    </Sheet>
  );
}
