import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Sheet } from '../design/Sheet';
import { Body, Figure } from '../design/Words';
import { places } from './places';

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable);

/** Keys for the desk: g and a letter goes to a place, ? lists them. */
export function Shortcuts() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const afterG = useRef(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
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
          <View key={key} className="flex-row items-baseline gap-4">
            <Figure className="w-16">{`g ${key}`}</Figure>
            <Body>{label}</Body>
          </View>
        ))}
        <View className="flex-row items-baseline gap-4">
          <Figure className="w-16">Esc</Figure>
          <Body>Close what is open</Body>
        </View>
        <View className="flex-row items-baseline gap-4">
          <Figure className="w-16">?</Figure>
          <Body>This list</Body>
        </View>
      </View>
    </Sheet>
  );
}
