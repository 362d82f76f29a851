import type { Lesson } from '../schema';

export const romanianDeadlift: Lesson = {
  liftId: 'romanian-deadlift',
  styles: [
    {
      id: 'from-the-rack',
      name: 'From the rack',
      suits: 'Everyone who can hinge; starting tall spares the pull from the floor.',
      standard:
        'Bar in touch with the legs, back the same shape throughout, hips back until the hamstrings stop it, tall finish without a lean.',
      checkpoints: [
        {
          id: 'rack-height',
          phase: 'place and equipment',
          look: 'Hook height',
          from: 'side',
          right: 'Bar at mid-thigh, lifted out with straight arms and a short bend of the knees.',
          why: 'The lift starts at the top; nobody has to fetch it from the floor.',
        },
        {
          id: 'rdl-grip',
          phase: 'set-up',
          look: 'Hands',
          from: 'front',
          right: 'Just outside the legs, even on the marks, thumbs round.',
          why: 'A wide grip tires early and pulls the bar off the legs.',
        },
        {
          id: 'rdl-feet',
          phase: 'set-up',
          look: 'Feet',
          from: 'front',
          right: 'Hip width, toes straight or slightly out, knees soft and then left alone.',
          why: 'Knees that keep bending turn the hinge into a squat.',
        },
        {
          id: 'rdl-back',
          phase: 'set-up',
          look: 'Upper back and armpits',
          from: 'side',
          right: 'Chest out, armpits tight, arms long.',
          why: 'It keeps the bar on the legs without effort of the arms.',
        },
        {
          id: 'rdl-brace',
          phase: 'brace',
          look: 'Brace',
          from: 'side',
          right: 'Breath low and wide, ribs over pelvis, held through the rep.',
          why: 'The back is the lever here; it must not change shape.',
        },
        {
          id: 'rdl-start',
          phase: 'start',
          look: 'One step back',
          from: 'side',
          right: 'Two short steps from the hooks, stands tall, settles.',
          why: 'Each rep begins from the same tall stand.',
        },
        {
          id: 'hips-back',
          phase: 'way down',
          look: 'Hips go back',
          from: 'side',
          right: 'Seat travels back, bar slides down the thighs, shins stay upright.',
          why: 'The bar near the legs keeps the load over the mid-foot.',
        },
        {
          id: 'same-back',
          phase: 'bottom',
          look: 'Back stays the same',
          from: 'side',
          right: 'Stops where the hamstrings stop it, about mid-shin, back unchanged.',
          why: 'Past that point the range comes from the spine.',
        },
        {
          id: 'rdl-up',
          phase: 'way up',
          look: 'Hips drive',
          from: 'side',
          right: 'Hips come through, bar up the legs, chest and hips arrive together.',
          why: 'The hips are what is trained; the back only holds.',
        },
        {
          id: 'rdl-tall',
          phase: 'finish',
          look: 'Tall, no lean',
          from: 'side',
          right: 'Knees and hips straight, glutes tight, no lean back, no shrug.',
          why: 'Leaning back loads the spine and trains nothing.',
        },
        {
          id: 'rdl-put-back',
          phase: 'put back',
          look: 'Into the hooks',
          from: 'side',
          right: 'Walks in until it touches, then a short bend of the knees.',
          why: 'A rounded last lowering undoes the set.',
        },
      ],
      cues: [
        {
          id: 'shut-the-door',
          checkpointId: 'hips-back',
          text: 'Shut the car door with your seat',
          kind: 'picture',
        },
        {
          id: 'touch-the-wall',
          checkpointId: 'hips-back',
          text: 'Reach the wall behind you',
          kind: 'outside',
        },
        {
          id: 'paint-your-legs',
          checkpointId: 'hips-back',
          text: 'Paint your legs with the bar',
          kind: 'picture',
        },
        {
          id: 'armpits-tight',
          checkpointId: 'rdl-back',
          text: 'Squeeze a towel in your armpits',
          kind: 'body',
        },
        {
          id: 'long-spine',
          checkpointId: 'same-back',
          text: 'Same long back, top to bottom',
          kind: 'body',
        },
        {
          id: 'dowel-three',
          checkpointId: 'same-back',
          text: 'Head, back and seat on the stick',
          kind: 'touch',
        },
        {
          id: 'stop-at-stretch',
          checkpointId: 'same-back',
          text: 'Stop when the stretch stops you',
          kind: 'body',
        },
        {
          id: 'soft-knees',
          checkpointId: 'rdl-feet',
          text: 'Soft knees, then leave them',
          kind: 'body',
        },
        {
          id: 'zip-tall',
          checkpointId: 'rdl-tall',
          text: 'Finish tall, zip up',
          kind: 'picture',
        },
        {
          id: 'push-floor',
          checkpointId: 'rdl-up',
          text: 'Push the floor away',
          kind: 'outside',
        },
      ],
      faults: [
        {
          id: 'back-rounds',
          name: 'Back rounds during the rep',
          glyph: 'bend',
          weight: 'safety',
          causes: [
            {
              cause: 'Deeper than the hamstrings allow',
              tell: 'Goes away when stopped at the knee',
              remedies: [
                { kind: 'cue', cueId: 'stop-at-stretch' },
                { kind: 'cue', cueId: 'dowel-three' },
                { kind: 'less load', text: 'Lighter, to the knee, until the shape holds.' },
                { kind: 'regression', text: 'Dowel hinge to the wall.' },
              ],
            },
          ],
        },
        {
          id: 'bar-leaves-legs',
          name: 'Bar leaves the legs',
          glyph: 'out',
          weight: 'major',
          causes: [
            {
              cause: 'Armpits loose',
              tell: 'Daylight between bar and thigh',
              remedies: [
                { kind: 'cue', cueId: 'paint-your-legs' },
                { kind: 'cue', cueId: 'armpits-tight' },
              ],
            },
          ],
        },
        {
          id: 'squats-it',
          name: 'Knees bend, it becomes a squat',
          glyph: 'down',
          weight: 'major',
          causes: [
            {
              cause: 'Hips do not travel back',
              tell: 'Shins tip forward',
              remedies: [
                { kind: 'cue', cueId: 'shut-the-door' },
                { kind: 'cue', cueId: 'touch-the-wall' },
                { kind: 'cue', cueId: 'soft-knees' },
              ],
            },
          ],
        },
        {
          id: 'leans-back',
          name: 'Leans back at the top',
          glyph: 'back',
          weight: 'major',
          causes: [
            {
              cause: 'Takes the finish too far',
              tell: 'Ribs flare, bar rests on the thighs',
              remedies: [{ kind: 'cue', cueId: 'zip-tall' }],
            },
          ],
        },
        {
          id: 'rdl-rushed',
          name: 'Drops or bounces at the bottom',
          glyph: 'fast',
          weight: 'major',
          causes: [
            {
              cause: 'Hurry, or a load that pulls them down',
              tell: 'Cannot stop at the knee when asked',
              remedies: [
                { kind: 'cue', cueId: 'stop-at-stretch' },
                { kind: 'less load', text: 'A load that can be stopped anywhere.' },
              ],
            },
          ],
        },
        {
          id: 'neck-up',
          name: 'Looks up at the bottom',
          glyph: 'up',
          weight: 'minor',
          causes: [
            {
              cause: 'Eyes fixed on a mirror',
              tell: 'The chin leaves the chest line',
              remedies: [{ kind: 'cue', cueId: 'long-spine' }],
            },
          ],
        },
      ],
    },
  ],
  ladder: [
    {
      name: 'Dowel hinge to the wall',
      place: 'easier',
      moveOn: 'Ten with three points of contact.',
    },
    {
      name: 'Dumbbell Romanian deadlift',
      place: 'easier',
      moveOn: 'Twelve with the bells on the legs.',
    },
    {
      name: 'Romanian deadlift',
      place: 'this',
      moveOn: 'Three clean sessions, bar always in touch.',
    },
    { name: 'Deadlift from the floor', place: 'harder', moveOn: 'Same set-up before every rep.' },
  ],
  film: [{ view: 'side', shows: 'At hip height: bar on the legs, shins, shape of the back.' }],
  cautions: [
    'Grip gives up before the back does: stop at the first slipping finger.',
    'Blood pressure, pregnancy, eye, hernia or recent surgery: breathe out through the effort and ask a clinician.',
  ],
};
