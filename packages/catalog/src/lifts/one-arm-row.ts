import type { Lesson } from '../schema';

export const oneArmRow: Lesson = {
  liftId: 'one-arm-row',
  styles: [
    {
      id: 'bench-supported',
      name: 'Hand on the bench',
      suits: 'Everyone; the free hand carries the trunk, so the back can learn to stay still.',
      standard:
        'Trunk flat and still, elbow past the ribs toward the hip, full reach at the bottom without a twist.',
      checkpoints: [
        {
          id: 'row-bench',
          phase: 'place and equipment',
          look: 'Bench and bell',
          from: 'side',
          right: 'Bench at hand height, bell under the shoulder of the working side.',
          why: 'A bell out of line starts the rep with a twist.',
        },
        {
          id: 'three-legs',
          phase: 'set-up',
          look: 'Three points of support',
          from: 'behind',
          right: 'Hand under the shoulder, both feet planted or one knee up, hips level.',
          why: 'A tilted base is made up for by the spine.',
        },
        {
          id: 'table-back',
          phase: 'set-up',
          look: 'Back like a table',
          from: 'side',
          right: 'Hinged at the hips, long from head to seat, neck in line.',
          why: 'A round back lets the load hang on the ligaments.',
        },
        {
          id: 'row-brace',
          phase: 'brace',
          look: 'Brace',
          from: 'side',
          right: 'Trunk stiff, hips and shoulders square to the floor.',
          why: 'The back resists the turn; the arm does the rowing.',
        },
        {
          id: 'long-arm',
          phase: 'start',
          look: 'Long arm',
          from: 'front',
          right: 'Hangs straight, shoulder reaches down without the trunk turning.',
          why: 'Starting from the stretch is where the range is earned.',
        },
        {
          id: 'blade-first',
          phase: 'way up',
          look: 'Blade, then elbow',
          from: 'behind',
          right: 'Shoulder blade slides back first, then the elbow drives to the hip.',
          why: 'An elbow that leads alone is an arm curl.',
        },
        {
          id: 'row-top',
          phase: 'finish',
          look: 'Top',
          from: 'side',
          right: 'Bell near the hip, elbow past the ribs, shoulder away from the ear.',
          why: 'High and to the chest is the neck and the arm working.',
        },
        {
          id: 'row-down',
          phase: 'way down',
          look: 'Way down',
          from: 'side',
          right: 'Slow to a straight arm, no drop, no turn.',
          why: 'Half of the work is here.',
        },
        {
          id: 'row-put-back',
          phase: 'put back',
          look: 'Bell to the floor',
          from: 'side',
          right: 'Bends the knees to set it down, changes side without standing twisted.',
          why: 'The set is over when the bell is on the floor.',
        },
      ],
      cues: [
        {
          id: 'elbow-back-pocket',
          checkpointId: 'row-top',
          text: 'Elbow to the back pocket',
          kind: 'body',
        },
        {
          id: 'along-the-bench',
          checkpointId: 'blade-first',
          text: 'Draw the bell along the bench',
          kind: 'outside',
        },
        {
          id: 'blade-in-pocket',
          checkpointId: 'blade-first',
          text: 'Slide the blade into its pocket',
          kind: 'picture',
        },
        {
          id: 'tray-on-back',
          checkpointId: 'table-back',
          text: 'Carry a tray on your back',
          kind: 'picture',
        },
        {
          id: 'belly-to-floor',
          checkpointId: 'row-brace',
          text: 'Belt buckle faces the floor',
          kind: 'outside',
        },
        {
          id: 'my-hand-hip',
          checkpointId: 'row-brace',
          text: 'Keep your hip under my hand',
          kind: 'touch',
        },
        {
          id: 'reach-long',
          checkpointId: 'long-arm',
          text: 'Reach for the floor, stay square',
          kind: 'outside',
        },
        {
          id: 'count-two-down',
          checkpointId: 'row-down',
          text: 'Two seconds to the bottom',
          kind: 'body',
        },
      ],
      faults: [
        {
          id: 'trunk-twists',
          name: 'Trunk twists open',
          glyph: 'twist',
          weight: 'major',
          causes: [
            {
              cause: 'Too heavy for the back',
              tell: 'Starts at the heaviest reps',
              remedies: [
                { kind: 'cue', cueId: 'belly-to-floor' },
                { kind: 'cue', cueId: 'my-hand-hip' },
                { kind: 'less load', text: 'A step lighter with the hips level.' },
              ],
            },
            {
              cause: 'Support hand too far',
              tell: 'Twisted before the bell moves',
              remedies: [{ kind: 'set-up', text: 'Hand straight under the shoulder.' }],
            },
          ],
        },
        {
          id: 'shrugs',
          name: 'Shoulder shrugs to the ear',
          glyph: 'up',
          weight: 'major',
          causes: [
            {
              cause: 'Pulls high to the chest',
              tell: 'The bell ends beside the armpit',
              remedies: [
                { kind: 'cue', cueId: 'elbow-back-pocket' },
                { kind: 'cue', cueId: 'blade-in-pocket' },
              ],
            },
          ],
        },
        {
          id: 'yanks',
          name: 'Yanks from the bottom',
          glyph: 'fast',
          weight: 'major',
          causes: [
            {
              cause: 'Momentum instead of the back',
              tell: 'Cannot hold the top for a second',
              remedies: [
                { kind: 'cue', cueId: 'along-the-bench' },
                { kind: 'cue', cueId: 'count-two-down' },
                { kind: 'less load', text: 'A load that can be held at the top.' },
              ],
            },
          ],
        },
        {
          id: 'row-short',
          name: 'Short reach or short top',
          glyph: 'short',
          weight: 'major',
          causes: [
            {
              cause: 'Arm stays bent between reps',
              tell: 'The elbow is never straight',
              remedies: [
                { kind: 'cue', cueId: 'reach-long' },
                { kind: 'cue', cueId: 'elbow-back-pocket' },
              ],
            },
          ],
        },
        {
          id: 'row-back-rounds',
          name: 'Low back rounds',
          glyph: 'bend',
          weight: 'safety',
          causes: [
            {
              cause: 'Not hinged, or tired',
              tell: 'Seat tucks as the bell hangs',
              remedies: [
                { kind: 'cue', cueId: 'tray-on-back' },
                { kind: 'set-up', text: 'Higher bench, softer knees.' },
                { kind: 'regression', text: 'Chest-supported row.' },
              ],
            },
          ],
        },
        {
          id: 'wrist-curls',
          name: 'Wrist curls in',
          glyph: 'in',
          weight: 'minor',
          causes: [
            {
              cause: 'Arm wants to help',
              tell: 'Knuckles turn up at the top',
              remedies: [{ kind: 'cue', cueId: 'elbow-back-pocket' }],
            },
          ],
        },
      ],
    },
  ],
  ladder: [
    { name: 'Chest-supported row', place: 'easier', moveOn: 'Fifteen without a shrug.' },
    {
      name: 'One-arm dumbbell row',
      place: 'this',
      moveOn: 'Fifteen clean a side with two left.',
    },
    {
      name: 'Bent-over barbell row',
      place: 'harder',
      moveOn: 'Trunk angle the same on every rep.',
    },
  ],
  film: [
    { view: 'behind', shows: 'Level hips and the shoulder blade sliding.' },
    { view: 'side', shows: 'Flat back and where the bell ends.' },
  ],
  cautions: ['Low-back flag: chest supported on an incline bench instead.'],
};
