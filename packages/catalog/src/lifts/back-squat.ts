import type { Lesson } from '../schema';

export const backSquat: Lesson = {
  liftId: 'back-squat',
  styles: [
    {
      id: 'high-bar',
      name: 'High bar',
      suits: 'Longer trunk, shorter thighs, free ankles, shoulders that dislike reaching back.',
      standard:
        'Hip crease below the knee top, or as deep as the pelvis stays neutral; heels down, knees in line with the toes, stands tall.',
      checkpoints: [
        {
          id: 'hooks',
          phase: 'place and equipment',
          look: 'Hook height',
          from: 'side',
          right:
            'The bar clears the hooks with 5 to 8 cm of legs left; safeties just below the deepest point.',
          why: 'Too high and the client tiptoes it out; too low and a rep is wasted on the unrack.',
        },
        {
          id: 'grip',
          phase: 'set-up',
          look: 'Hands',
          from: 'behind',
          right: 'Even on the marks, as near as is comfortable, thumbs round, wrists straight.',
          why: 'A near grip tightens the upper back by itself and makes the shelf.',
        },
        {
          id: 'shelf',
          phase: 'set-up',
          look: 'Bar on the shelf',
          from: 'side',
          right:
            'On the muscle above the shoulder blades, blades together and down; not on the neck.',
          why: 'A bar on bone hurts, and one that rolls pulls the chest down.',
        },
        {
          id: 'brace',
          phase: 'brace',
          look: 'Brace',
          from: 'side',
          right:
            'Breath low and wide all round, ribs over pelvis, trunk stiff as if a push were coming.',
          why: 'The trunk passes the load on; where it gives, the rep bends there.',
        },
        {
          id: 'unrack',
          phase: 'start',
          look: 'Out of the hooks',
          from: 'side',
          right:
            'Legs under the bar, stands it straight up, two or three short sliding steps, settles.',
          why: 'Leaning it out and wandering spends strength and starts every set differently.',
        },
        {
          id: 'stance',
          phase: 'start',
          look: 'Feet',
          from: 'front',
          right:
            'A little wider than the shoulders, toes 5 to 30° out, weight on heel, big and little toe.',
          why: 'It lets hips and knees bend together over one steady foot.',
        },
        {
          id: 'descent',
          phase: 'way down',
          look: 'Hips and knees together',
          from: 'side',
          right:
            'Hips and knees start at once, knees forward freely over the toes, bar over mid-foot.',
          why: 'Bar over mid-foot is balance; anywhere else has to be paid for.',
        },
        {
          id: 'knees',
          phase: 'way down',
          look: 'Knees',
          from: 'front',
          right: 'In line with the toes all the way down and up.',
          why: 'A knee that wanders in carries the load across the joint.',
        },
        {
          id: 'depth',
          phase: 'bottom',
          look: 'Depth',
          from: 'side',
          right:
            'Hip crease below the knee top, or where the pelvis still stays neutral, the same each rep.',
          why: 'The same depth each time makes reps and weeks comparable.',
        },
        {
          id: 'rise',
          phase: 'way up',
          look: 'Chest and hips rise together',
          from: 'side',
          right: 'Chest stays tall, bar goes straight up over mid-foot, whole foot pushes.',
          why: 'Hips that shoot up first turn the rep into a back lift.',
        },
        {
          id: 'tall',
          phase: 'finish',
          look: 'Stands tall',
          from: 'side',
          right: 'Knees and hips straight, ribs down, new breath before the next rep.',
          why: 'Every rep starts from the same place.',
        },
        {
          id: 'rerack',
          phase: 'put back',
          look: 'Into the hooks',
          from: 'side',
          right: 'Walks in until the bar touches both uprights, then lowers.',
          why: 'Feeling for the hooks by leaning is how a bar is missed.',
        },
      ],
      cues: [
        {
          id: 'push-floor-apart',
          checkpointId: 'knees',
          text: 'Push the floor apart',
          kind: 'outside',
        },
        {
          id: 'knees-follow-toes',
          checkpointId: 'knees',
          text: 'Knees follow the toes',
          kind: 'body',
        },
        {
          id: 'into-my-hand',
          checkpointId: 'knees',
          text: 'Press your knee into my hand',
          kind: 'touch',
        },
        {
          id: 'three-points',
          checkpointId: 'stance',
          text: 'Three points of the foot stay down',
          kind: 'body',
        },
        {
          id: 'stand-on-paper',
          checkpointId: 'stance',
          text: 'Hold the paper under your heels',
          kind: 'picture',
        },
        {
          id: 'chest-logo',
          checkpointId: 'rise',
          text: 'Show the wall your shirt front',
          kind: 'outside',
        },
        {
          id: 'elbows-under',
          checkpointId: 'rise',
          text: 'Drive your elbows under the bar',
          kind: 'body',
        },
        {
          id: 'sit-between',
          checkpointId: 'descent',
          text: 'Sit down between your heels',
          kind: 'picture',
        },
        {
          id: 'bar-over-laces',
          checkpointId: 'descent',
          text: 'Bar over your laces',
          kind: 'outside',
        },
        {
          id: 'fill-the-belt',
          checkpointId: 'brace',
          text: 'Fill the belt all the way round',
          kind: 'picture',
        },
        {
          id: 'bend-the-bar',
          checkpointId: 'shelf',
          text: 'Bend the bar over your back',
          kind: 'outside',
        },
        {
          id: 'slow-three',
          checkpointId: 'depth',
          text: 'Three seconds down, same spot',
          kind: 'body',
        },
      ],
      faults: [
        {
          id: 'knees-in',
          name: 'Knees cave in',
          glyph: 'in',
          weight: 'major',
          causes: [
            {
              cause: 'Outer hips late or weak',
              tell: 'Worse on the last reps and on the way up',
              remedies: [
                { kind: 'cue', cueId: 'push-floor-apart' },
                { kind: 'cue', cueId: 'into-my-hand' },
                { kind: 'less load', text: 'Slower and a step lighter until the line holds.' },
                { kind: 'corrective', text: 'Good mornings and back extensions for the hips.' },
              ],
            },
            {
              cause: 'Stance too wide or toes too straight',
              tell: 'There from the first rep, even empty',
              remedies: [
                { kind: 'cue', cueId: 'knees-follow-toes' },
                {
                  kind: 'set-up',
                  text: 'Toes out by a finger or two, or feet nearer; keep it a week.',
                },
              ],
            },
          ],
        },
        {
          id: 'lean-forward',
          name: 'Leans forward on the way down',
          glyph: 'forward',
          weight: 'major',
          causes: [
            {
              cause: 'Upper back or breath not tight',
              tell: 'Chest drops first, the hips have hardly moved',
              remedies: [
                { kind: 'cue', cueId: 'bend-the-bar' },
                { kind: 'cue', cueId: 'fill-the-belt' },
              ],
            },
            {
              cause: 'Weight runs to the toes',
              tell: 'Heels light, bar in front of the laces',
              remedies: [
                { kind: 'cue', cueId: 'bar-over-laces' },
                { kind: 'regression', text: 'Goblet squat until the path is steady.' },
              ],
            },
          ],
        },
        {
          id: 'hips-shoot',
          name: 'Hips shoot up, chest drops',
          glyph: 'up',
          weight: 'major',
          causes: [
            {
              cause: 'Load beyond what the thighs hold',
              tell: 'Only on the heavy or last reps',
              remedies: [
                { kind: 'cue', cueId: 'chest-logo' },
                { kind: 'cue', cueId: 'elbows-under' },
                { kind: 'less load', text: 'A step lighter; the rep ends when the chest drops.' },
              ],
            },
          ],
        },
        {
          id: 'bar-drifts',
          name: 'Bar drifts forward at the bottom',
          glyph: 'out',
          weight: 'major',
          causes: [
            {
              cause: 'Tightness lost in the bounce',
              tell: 'The descent speeds up before the bottom',
              remedies: [
                { kind: 'cue', cueId: 'elbows-under' },
                { kind: 'cue', cueId: 'slow-three' },
              ],
            },
          ],
        },
        {
          id: 'pelvis-tucks',
          name: 'Pelvis tucks at the bottom',
          glyph: 'bend',
          weight: 'safety',
          causes: [
            {
              cause: 'Deeper than the hips allow',
              tell: 'Goes away a hand higher',
              remedies: [
                {
                  kind: 'set-up',
                  text: 'Stop higher, stance a little wider, or heels raised on a thin plate.',
                },
                { kind: 'cue', cueId: 'slow-three' },
                { kind: 'regression', text: 'Box squat to a height that stays neutral.' },
              ],
            },
          ],
        },
        {
          id: 'heels-up',
          name: 'Heels come up',
          glyph: 'up',
          weight: 'major',
          causes: [
            {
              cause: 'Stiff ankles or soft shoes',
              tell: 'Goes away with heels on a thin plate',
              remedies: [
                { kind: 'cue', cueId: 'stand-on-paper' },
                { kind: 'set-up', text: 'Flat firm shoes, toes a little further out.' },
                { kind: 'cue', cueId: 'three-points' },
              ],
            },
          ],
        },
        {
          id: 'short-depth',
          name: 'Depth short or shrinking',
          glyph: 'short',
          weight: 'major',
          causes: [
            {
              cause: 'Tired, or afraid of the bottom',
              tell: 'First reps deep, last ones not',
              remedies: [
                { kind: 'cue', cueId: 'slow-three' },
                { kind: 'cue', cueId: 'sit-between' },
                { kind: 'less load', text: 'A step lighter at the agreed depth.' },
              ],
            },
          ],
        },
        {
          id: 'too-many-steps',
          name: 'Wanders out of the rack',
          glyph: 'back',
          weight: 'minor',
          causes: [
            {
              cause: 'Leans the bar out',
              tell: 'First step is long and backward',
              remedies: [
                {
                  kind: 'set-up',
                  text: 'Feet under the bar, stand it up, then two short slides.',
                },
              ],
            },
          ],
        },
        {
          id: 'uneven-bar',
          name: 'Bar sits uneven',
          glyph: 'twist',
          weight: 'minor',
          causes: [
            {
              cause: 'Hands not on the same mark',
              tell: 'One plate nearer the upright',
              remedies: [
                { kind: 'set-up', text: 'Find both marks, then duck under.' },
                { kind: 'cue', cueId: 'bend-the-bar' },
              ],
            },
          ],
        },
      ],
    },
  ],
  ladder: [
    {
      name: 'Sit-to-stand on a box',
      place: 'easier',
      moveOn: 'Ten slow ones, knees in line, no rocking.',
    },
    {
      name: 'Body-weight squat',
      place: 'easier',
      moveOn: 'Fifteen to the agreed depth, heels down.',
    },
    { name: 'Goblet squat', place: 'easier', moveOn: 'Ten clean with 16 kg in two sessions.' },
    {
      name: 'Back squat, high bar',
      place: 'this',
      moveOn: 'Three clean sessions before a second style is tried.',
    },
    { name: 'Front squat', place: 'harder', moveOn: 'Elbows stay up for every rep.' },
  ],
  film: [
    { view: 'side', shows: 'At hip height: bar path over the mid-foot, depth, trunk.' },
    { view: 'front', shows: 'Knees over toes, even hips, even bar.' },
  ],
  cautions: [
    'Safeties set below the deepest point; alone, no heavy sets without them.',
    'Blood pressure, pregnancy, eye, hernia or recent surgery: breathe out through the effort and ask a clinician.',
  ],
};
