import { nowMs } from '@spalo/core/unit';
import { useEffect } from 'react';
import { useRests } from '../parts/lane/rests';
import { useSettings, type RestTells } from '../state/settings';

/** Two short notes, high enough for a loud room. */
const NOTES_HZ = [880, 1175];
const NOTE_S = 0.14;
const LOUD = 0.25;
const SHAKE_MS = [180, 90, 180];

function sound() {
  if (typeof AudioContext === 'undefined') return;
  const context = new AudioContext();
  NOTES_HZ.forEach((frequency, at) => {
    const tone = new OscillatorNode(context, { frequency });
    const volume = new GainNode(context, { gain: LOUD });
    tone.connect(volume).connect(context.destination);
    tone.start(context.currentTime + at * NOTE_S);
    tone.stop(context.currentTime + (at + 1) * NOTE_S);
    tone.onended = () => void (at === NOTES_HZ.length - 1 && context.close());
  });
}

function tell(how: RestTells) {
  if (how === 'sound' || how === 'both') sound();
  if (how === 'vibration' || how === 'both') navigator.vibrate?.(SHAKE_MS);
}

/**
 * Calls when a rest ends, whichever lane or screen is open; one that was over before is silent. Draws nothing, and stands
 * alone so that a new rest draws nothing around it anew.
 */
export function RestBell() {
  const ends = useRests((state) => state.ends);
  const how = useSettings((state) => state.tells);
  useEffect(() => {
    const timers = Object.values(ends)
      .map((endMs) => endMs - nowMs())
      .filter((left) => left > 0)
      .map((left) => setTimeout(() => tell(how), left));
    return () => timers.forEach(clearTimeout);
  }, [ends, how]);
  return null;
}
