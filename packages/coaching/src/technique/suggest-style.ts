import { stylesOf, type TaughtStyle } from '@spalo/catalog';
import { openFlags, type Person } from '@spalo/core/person';
import type { BodyRange } from '@spalo/core/warm-up';

/** What a style is suggested from, besides pain and experience; each may be unknown. */
export interface StyleClient extends Person {
  stiff: readonly BodyRange[];
  squatLook: 'knees forward' | 'hips back' | null;
  heightMm: number | null;
  segments: { thighMm: number; shinMm: number; trunkMm: number; armMm: number } | null;
}

/** A style with the reason that it is suggested for. */
export interface SuggestedStyle {
  style: TaughtStyle;
  why: string;
}

/** A thigh so long against the trunk asks for lean; a trunk so long against the arms for a wide stance. */
const LONG_THIGH = 0.9;
const SHORT_ARM = 1.28;
const TALL_MM = 1880;

type Facts = {
  sore: (place: string) => boolean;
  stiff: (range: BodyRange) => boolean;
  client: StyleClient;
};
/** The first rule that holds decides; a lift without rules begins with its default style. */
type Rule = [holds: (facts: Facts) => boolean, styleId: string, why: string];

const rules: Record<string, readonly Rule[]> = {
  'back-squat': [
    [
      ({ sore }) => sore('shoulder'),
      'high-bar',
      'A sore shoulder: the bar sits where hands reach it',
    ],
    [({ sore }) => sore('wrist'), 'high-bar', 'Sore wrists: less weight on the hands'],
    [
      ({ client }) => client.squatLook === 'hips back',
      'low-bar',
      'Body-weight squat: hips go far back',
    ],
    [
      ({ client }) => client.squatLook === 'knees forward',
      'high-bar',
      'Body-weight squat: knees travel far, trunk tall',
    ],
    [
      ({ client: { segments } }) =>
        segments !== null && segments.thighMm > segments.trunkMm * LONG_THIGH,
      'low-bar',
      'Long thighs for this trunk: more lean, hips back',
    ],
    [({ stiff }) => stiff('ankle bend'), 'low-bar', 'Stiff ankles: less bend is needed'],
  ],
  'bench-press': [
    [({ sore }) => sore('low back'), 'feet-up', 'A sore low back: no arch'],
    [({ sore }) => sore('shoulder'), 'paused', 'A sore shoulder: the still bar is kinder'],
  ],
  deadlift: [
    [({ sore }) => sore('low back'), 'from-blocks', 'A sore low back: from higher'],
    [
      ({ stiff }) => stiff('hamstrings'),
      'from-blocks',
      'Short hamstrings: from higher, and down week by week',
    ],
    [({ sore }) => sore('knee'), 'hinge-first', 'A sore knee: upright shins'],
    [
      ({ client: { segments } }) =>
        segments !== null && segments.trunkMm > segments.armMm * SHORT_ARM,
      'wide-stance',
      'A long trunk for these arms: a steeper back',
    ],
  ],
  'trap-bar-deadlift': [
    [({ sore }) => sore('low back'), 'high-handles', 'A sore low back: from higher'],
    [
      ({ client }) => (client.heightMm ?? 0) > TALL_MM,
      'high-handles',
      'Tall: the low handles are far down',
    ],
  ],
  'hip-thrust': [
    [
      ({ client }) => client.trainingMonths < 3,
      'machine',
      'New to training: a quick and steady set-up',
    ],
    [({ sore }) => sore('hip'), 'machine', 'A sore hip: no bar in the crease'],
  ],
};

/** The style to begin with for this client, and why; the lift's default where nothing speaks for another. */
export function suggestStyle(liftId: string, client: StyleClient): SuggestedStyle | null {
  const styles = stylesOf(liftId);
  const places = new Set(openFlags(client).map((flag) => String(flag.place)));
  const facts: Facts = {
    sore: (place) => places.has(place),
    stiff: (range) => client.stiff.includes(range),
    client,
  };
  const rule = rules[liftId]?.find(([holds]) => holds(facts));
  const found = rule && styles.find(({ id }) => id === rule[1]);
  if (found) return { style: found, why: rule[2] };
  const [usual] = styles;
  return usual ? { style: usual, why: 'The usual one' } : null;
}
