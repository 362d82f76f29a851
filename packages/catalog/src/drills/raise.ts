import { drill } from './make';

const raise = drill('raise', { seconds: 300 });

export const raiseDrills = [
  raise({
    id: 'easy-bike',
    name: 'Easy bike',
    how: 'Seat at hip height, light gear, 70 to 80 turns a minute; the client can talk in whole sentences.',
    positions: ['seated'],
    forWhat: 'Warmth in the legs with nothing landing on the joints.',
  }),
  raise({
    id: 'easy-row',
    name: 'Easy row',
    how: 'Long, slow strokes, legs first, then trunk, then arms; about 20 strokes a minute.',
    positions: ['seated', 'deep knee bend'],
    loads: ['low back', 'wrist', 'knee'],
    forWhat: 'Warms legs, back and arms at once.',
  }),
  raise({
    id: 'brisk-walk',
    name: 'Brisk walk',
    how: 'On the flat or slightly uphill, arms swinging, a pace at which talking is still easy.',
    positions: ['standing'],
    loads: ['ankle'],
    forWhat: 'The gentlest way to get warm.',
  }),
  raise({
    id: 'step-and-swing',
    name: 'March and arm swings',
    how: 'Marching on the spot, knees to a comfortable height, arms swinging past the hips, then overhead.',
    positions: ['standing', 'arms overhead'],
    loads: ['ankle', 'knee'],
    forWhat: 'Warmth without any machine.',
  }),
];
