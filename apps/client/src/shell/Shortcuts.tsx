import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { isPlainKey } from '../design/shortcut';
import { Sheet } from '../design/Sheet';
import { Body, Figure, Strong } from '../design/Words';
import { floorKeys } from '../parts/lane/floor-keys';
import { places } from './places';

const KeyRow = ({ keys, does }: { keys: string; does: string }) => (
  <View className="flex-row items-baseline gap-4">
    <Figure className="w-16">{keys}</Figure>
    <Body className="min-w-0 flex-1">{does}</Body>
  </View>
);

/** Keys for the desk: g and a letter goes to a place, ? lists them. */
export function Shortcuts() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const afterG = useRef(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isPlainKey(event)) return;
      if (event.key === '?') setOpen(true);
      const place = afterG.current ? places.find(({ key }) => key === event.key) : undefined;
      afterG.current = event.key === 'g';
      if (place) router.push(place.path);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router]);
  return (
    <Sheet title="Keys" open={open} onClose={() => setOpen(false)}>
      <View className="gap-2">
        {places.map(({ key, label }) => (
          <KeyRow key={key} keys={`g ${key}`} does={label} />
        ))}
        <Strong className="pt-2">On the floor</Strong>
        {floorKeys.map(({ key, label }) => (
          <KeyRow key={key} keys={key} does={label} />
        ))}
        <Strong className="pt-2">Everywhere</Strong>
        <KeyRow keys="Esc" does="Close what is open" />
        <KeyRow keys="?" does="This list" />
      </View>
    </Sheet>
  );
}
