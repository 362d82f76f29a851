import { jointsIn, type Lift, type LiftImplement } from '@spalo/core/lift';
import type { Drill } from '@spalo/core/warm-up';
import { drill } from './make';

const rehearse = drill('rehearse', { seconds: 60, reps: 8 });

/** The first rung of lifts that have one of their own. */
export const rungDrills = [
  rehearse({
    id: 'dowel-squat',
    name: 'Slow squat to a box',
    how: 'Arms forward or dowel on the shoulders, three seconds down, touch the box, stand. Today’s cue only.',
    positions: ['standing', 'deep knee bend'],
    loads: ['hip', 'ankle'],
    forWhat: 'The squat’s path before there is load.',
    liftIds: ['back-squat', 'front-squat', 'box-squat', 'goblet-squat'],
  }),
  rehearse({
    id: 'dowel-hinge',
    name: 'Dowel hinge',
    how: 'Dowel along head, upper back and tail; tip from the hips keeping all three, soft knees. Slow.',
    positions: ['standing'],
    loads: ['hip', 'low back'],
    forWhat: 'Hips back with a still back.',
    liftIds: [
      'deadlift',
      'romanian-deadlift',
      'dumbbell-romanian-deadlift',
      'kettlebell-deadlift',
      'good-morning',
    ],
  }),
  rehearse({
    id: 'held-split-squat',
    name: 'Split squat with a hand held',
    how: 'One hand on the rack, straight down and up, front heel heavy, slow. Five a side.',
    positions: ['standing', 'deep knee bend'],
    loads: ['hip', 'ankle'],
    forWhat: 'Balance and path before bells are held.',
    liftIds: ['split-squat', 'deep-split-squat', 'reverse-lunge'],
    reps: 5,
  }),
  rehearse({
    id: 'incline-push-up',
    name: 'Push-up on the bar in the rack',
    how: 'Bar at hip height, body in one line, slow down, elbows half-way out, push away.',
    positions: ['on hands'],
    loads: ['elbow'],
    forWhat: 'The press’s path and the shoulder blades’ work.',
    liftIds: ['push-up'],
  }),
  rehearse({
    id: 'dowel-press',
    name: 'Dowel press',
    how: 'Dowel from the collarbones past the nose to straight overhead, ribs down. Slow.',
    positions: ['standing', 'arms overhead'],
    loads: ['elbow', 'wrist'],
    forWhat: 'A straight path overhead.',
    liftIds: ['overhead-press'],
  }),
  rehearse({
    id: 'band-row',
    name: 'Light band row',
    how: 'Tall or tipped as in the lift, shoulder blade first, then the elbow; pause, let it go slowly.',
    positions: ['standing'],
    loads: ['shoulder', 'elbow'],
    forWhat: 'Pulling with the back, not with the arm.',
    liftIds: ['barbell-row', 'seated-row'],
  }),
  rehearse({
    id: 'band-pulldown',
    name: 'Light band pulldown',
    how: 'Arms up, blades down first, elbows to the pockets, slowly back up to a full stretch.',
    positions: ['seated', 'arms overhead'],
    loads: ['elbow'],
    forWhat: 'Starting the pull from the shoulder blades.',
    liftIds: ['lat-pulldown', 'assisted-pull-up', 'pull-up'],
  }),
  rehearse({
    id: 'slow-calf-raise',
    name: 'Slow calf raise on the floor',
    how: 'Both feet, up over the big toe, two seconds at the top, slowly down.',
    positions: ['standing'],
    loads: ['ankle'],
    forWhat: 'Weight over the big toe all the way.',
    liftIds: ['calf-raise'],
  }),
];

/** What is held when a lift is rehearsed without its load. */
const without: Record<LiftImplement, string> = {
  barbell: 'With a dowel, or the empty bar where that is light',
  'trap bar': 'With the empty bar, or two light bells at the sides',
  'EZ bar': 'With a dowel',
  'dumbbell pair': 'With empty hands closed as round the bells',
  'single dumbbell': 'With an empty hand closed as round the bell',
  kettlebell: 'With an empty hand closed as round the handle',
  stack: 'With the lightest pin',
  machine: 'With the empty machine',
  assisted: 'With the most help that there is',
  body: 'In an easier form: hands raised, more help, or half the way',
};

/** The lift itself, slowly and without its load. */
export const rehearsalOf = (lift: Lift): Drill =>
  rehearse({
    id: `rehearse-${lift.id}`,
    name: `${lift.name}, unloaded`,
    how: `${without[lift.implement]}; set up as for the work, slow all the way, today’s cue only.`,
    positions: [lift.position],
    forWhat: 'The path before there is load.',
    liftIds: [lift.id],
    loads: lift.stress
      .map(({ joint }) => joint)
      .filter((joint) => !jointsIn([lift.position]).includes(joint)),
  });
