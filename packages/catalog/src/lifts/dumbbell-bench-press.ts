import type { Lesson } from '../schema';

export const dumbbellBenchPress: Lesson = {
  liftId: 'dumbbell-bench-press',
  styles: [
    {
      id: 'paused',
      name: 'Paused',
      suits:
        'Everyone; the short stillness at the bottom teaches control and spares the shoulders.',
      standard:
        'Bells beside the lower chest, still for a moment, wrists over elbows; pressed to straight elbows, seat on the bench.',
      checkpoints: [
        {
          id: 'bench-place',
          phase: 'place and equipment',
          look: 'Bench and bells',
          from: 'side',
          right:
            'Flat bench that does not rock, bells upright on the thighs, room to set them down.',
          why: 'Most mishaps happen getting in and out.',
        },
        {
          id: 'lie-back',
          phase: 'set-up',
          look: 'Lie back with the bells',
          from: 'side',
          right: 'Bells close to the chest, rolls back in one go, thighs help them up.',
          why: 'Reaching for a bell from lying pulls the shoulder out of place.',
        },
        {
          id: 'feet',
          phase: 'set-up',
          look: 'Feet',
          from: 'side',
          right: 'Planted first, a little back or wide, whole foot as the shoes allow.',
          why: 'The legs keep the trunk still while the arms work.',
        },
        {
          id: 'blades',
          phase: 'set-up',
          look: 'Shoulder blades',
          from: 'rear corner',
          right: 'Together and down, chest high, modest arch, seat stays down.',
          why: 'It gives the upper arm a firm seat and room at the front of the shoulder.',
        },
        {
          id: 'press-brace',
          phase: 'brace',
          look: 'Breath',
          from: 'side',
          right: 'New breath with straight elbows before each rep, ribs not flaring.',
          why: 'A held chest keeps the blades where they were set.',
        },
        {
          id: 'over-shoulders',
          phase: 'start',
          look: 'Start',
          from: 'side',
          right: 'Bells still over the shoulders, straight elbows, settled before the first rep.',
          why: 'The first rep starts where all the others end.',
        },
        {
          id: 'elbow-line',
          phase: 'way down',
          look: 'Elbows',
          from: 'rear corner',
          right: '30 to 60° from the body, wrist over elbow all the way.',
          why: 'Flared strains the shoulder; too tucked makes the wrist fight.',
        },
        {
          id: 'still-bottom',
          phase: 'bottom',
          look: 'Still at the bottom',
          from: 'side',
          right: 'Handles level with the lower chest, held still for a moment.',
          why: 'A rep that bounces is not the rep that is counted.',
        },
        {
          id: 'press-path',
          phase: 'way up',
          look: 'Path up',
          from: 'side',
          right: 'Up and slightly back to over the shoulders, both bells together.',
          why: 'The shortest strong path, the same on both sides.',
        },
        {
          id: 'lock',
          phase: 'finish',
          look: 'Lock',
          from: 'front',
          right: 'Elbows straight, shoulders still down, bells settle.',
          why: 'Half a lock hides how many were left.',
        },
        {
          id: 'bells-down',
          phase: 'put back',
          look: 'Bells down',
          from: 'side',
          right: 'To the chest, knees up to meet them, sits up, sets them down.',
          why: 'Dropping them sideways is how shoulders are hurt.',
        },
      ],
      cues: [
        {
          id: 'wrist-over-elbow',
          checkpointId: 'elbow-line',
          text: 'Wrist over elbow',
          kind: 'body',
        },
        {
          id: 'arrow-not-t',
          checkpointId: 'elbow-line',
          text: 'Make an arrow, not a T',
          kind: 'picture',
        },
        {
          id: 'bell-low-in-palm',
          checkpointId: 'elbow-line',
          text: 'Handle low in the palm',
          kind: 'outside',
        },
        {
          id: 'pinch-my-finger',
          checkpointId: 'blades',
          text: 'Pinch my finger with your blades',
          kind: 'touch',
        },
        {
          id: 'chest-to-ceiling',
          checkpointId: 'blades',
          text: 'Offer your chest to the ceiling',
          kind: 'picture',
        },
        {
          id: 'quiet-bottom',
          checkpointId: 'still-bottom',
          text: 'Quiet at the bottom, then go',
          kind: 'outside',
        },
        {
          id: 'glue-seat',
          checkpointId: 'feet',
          text: 'Seat glued to the bench',
          kind: 'picture',
        },
        {
          id: 'slide-along',
          checkpointId: 'feet',
          text: 'Slide the bench away with your feet',
          kind: 'outside',
        },
        {
          id: 'meet-over-eyes',
          checkpointId: 'press-path',
          text: 'Both bells to one spot above you',
          kind: 'outside',
        },
        { id: 'long-arms', checkpointId: 'lock', text: 'Finish with long arms', kind: 'body' },
      ],
      faults: [
        {
          id: 'wrists-back',
          name: 'Wrists bend back',
          glyph: 'back',
          weight: 'major',
          causes: [
            {
              cause: 'Handle high in the palm',
              tell: 'Knuckles point behind the head from the first rep',
              remedies: [
                { kind: 'cue', cueId: 'bell-low-in-palm' },
                { kind: 'cue', cueId: 'wrist-over-elbow' },
                { kind: 'less load', text: 'A step lighter until the wrist stays straight.' },
              ],
            },
          ],
        },
        {
          id: 'elbows-flare',
          name: 'Elbows flare out',
          glyph: 'out',
          weight: 'major',
          causes: [
            {
              cause: 'Blades not set',
              tell: 'Shoulders creep up to the ears',
              remedies: [
                { kind: 'cue', cueId: 'arrow-not-t' },
                { kind: 'cue', cueId: 'pinch-my-finger' },
                { kind: 'set-up', text: 'Turn the handles a little toward each other.' },
              ],
            },
          ],
        },
        {
          id: 'shoulders-roll',
          name: 'Shoulders roll forward',
          glyph: 'forward',
          weight: 'major',
          causes: [
            {
              cause: 'Reaching at the top',
              tell: 'Blades leave the bench at the lock',
              remedies: [
                { kind: 'cue', cueId: 'chest-to-ceiling' },
                { kind: 'cue', cueId: 'pinch-my-finger' },
              ],
            },
          ],
        },
        {
          id: 'bounce',
          name: 'Bounces or skips the pause',
          glyph: 'fast',
          weight: 'major',
          causes: [
            {
              cause: 'Hurrying, or too heavy to stop',
              tell: 'Can they hold it still for two seconds when asked?',
              remedies: [
                { kind: 'cue', cueId: 'quiet-bottom' },
                { kind: 'less load', text: 'A load that can be held still.' },
              ],
            },
          ],
        },
        {
          id: 'uneven-press',
          name: 'One side lags',
          glyph: 'twist',
          weight: 'major',
          causes: [
            {
              cause: 'Weaker or sorer side',
              tell: 'Always the same side, and ask about pain',
              remedies: [
                { kind: 'cue', cueId: 'meet-over-eyes' },
                { kind: 'less load', text: 'The load that the weaker side does clean.' },
              ],
            },
          ],
        },
        {
          id: 'soft-lock',
          name: 'Elbows not straight',
          glyph: 'short',
          weight: 'minor',
          causes: [
            {
              cause: 'Rushing to the next rep',
              tell: 'Locks when asked to wait',
              remedies: [{ kind: 'cue', cueId: 'long-arms' }],
            },
          ],
        },
        {
          id: 'seat-lifts',
          name: 'Seat leaves the bench',
          glyph: 'up',
          weight: 'major',
          causes: [
            {
              cause: 'Legs push up instead of along',
              tell: 'Hips rise as the bells slow',
              remedies: [
                { kind: 'cue', cueId: 'glue-seat' },
                { kind: 'cue', cueId: 'slide-along' },
                { kind: 'set-up', text: 'Feet wider or further forward.' },
              ],
            },
          ],
        },
        {
          id: 'bell-drops',
          name: 'Loses control of a bell',
          glyph: 'down',
          weight: 'safety',
          causes: [
            {
              cause: 'Too heavy or too tired',
              tell: 'The way down is faster than the way up',
              remedies: [
                { kind: 'less load', text: 'Lighter at once, and a helper at the elbows.' },
                { kind: 'cue', cueId: 'quiet-bottom' },
                { kind: 'regression', text: 'Push-up on a raised bar.' },
              ],
            },
          ],
        },
      ],
    },
  ],
  ladder: [
    { name: 'Push-up on a raised bar', place: 'easier', moveOn: 'Twelve with a straight body.' },
    {
      name: 'Floor press with dumbbells',
      place: 'easier',
      moveOn: 'Ten with wrists over elbows.',
    },
    {
      name: 'Dumbbell bench press',
      place: 'this',
      moveOn: 'Twelve clean with two left in two sessions.',
    },
    {
      name: 'Barbell bench press',
      place: 'harder',
      moveOn: 'Same touch, same pause, every rep.',
    },
  ],
  film: [
    { view: 'rear corner', shows: 'Elbow line, wrists, shoulder blades, seat.' },
    { view: 'side', shows: 'Where the bells stop and whether they are still.' },
  ],
  cautions: [
    'Nobody under the bells; a helper spots at the wrists when the load is new or heavy.',
    'Low-back flag: feet up on the bench and back flat, lighter.',
  ],
};
