import { drill } from './make';

const rehearse = drill('rehearse', { seconds: 60, reps: 8 });

export const rehearseDrills = [
  rehearse({
    id: 'dowel-squat',
    name: 'Slow squat to a box',
    how: 'Arms forward or dowel on the shoulders, three seconds down, touch the box, stand. Today’s cue only.',
    forWhat: 'The squat’s path before there is load.',
    patterns: ['squat', 'knee'],
    loads: [],
  }),
  rehearse({
    id: 'dowel-hinge',
    name: 'Dowel hinge',
    how: 'Dowel along head, upper back and tail; tip from the hips keeping all three, soft knees. Slow.',
    forWhat: 'Hips back with a still back.',
    patterns: ['hinge', 'hip'],
    loads: [],
  }),
  rehearse({
    id: 'held-split-squat',
    name: 'Split squat with a hand held',
    how: 'One hand on the rack, straight down and up, front heel heavy, slow. Five a side.',
    forWhat: 'Balance and path before bells are held.',
    patterns: ['lunge'],
    reps: 5,
    loads: [],
  }),
  rehearse({
    id: 'incline-push-up',
    name: 'Push-up on the bar in the rack',
    how: 'Bar at hip height, body in one line, slow down, elbows half-way out, push away.',
    forWhat: 'The press’s path and the shoulder blades’ work.',
    patterns: ['push'],
    loads: ['wrist'],
  }),
  rehearse({
    id: 'dowel-press',
    name: 'Dowel press',
    how: 'Dowel from the collarbones past the nose to straight overhead, ribs down. Slow.',
    forWhat: 'A straight path overhead.',
    patterns: ['press', 'shoulder'],
    loads: [],
  }),
  rehearse({
    id: 'band-row',
    name: 'Light band row',
    how: 'Tall or tipped as in the lift, shoulder blade first, then the elbow; pause, let it go slowly.',
    forWhat: 'Pulling with the back, not with the arm.',
    patterns: ['row', 'arm'],
    loads: [],
  }),
  rehearse({
    id: 'band-pulldown',
    name: 'Light band pulldown',
    how: 'Arms up, blades down first, elbows to the pockets, slowly back up to a full stretch.',
    forWhat: 'Starting the pull from the shoulder blades.',
    patterns: ['pull'],
    loads: [],
  }),
  rehearse({
    id: 'slow-calf-raise',
    name: 'Slow calf raise on the floor',
    how: 'Both feet, up over the big toe, two seconds at the top, slowly down.',
    forWhat: 'Weight over the big toe all the way.',
    patterns: ['calf'],
    loads: [],
  }),
];
