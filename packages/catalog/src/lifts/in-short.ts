/** What is said of a lift in short: what a clean rep is, how it is set up, and the cue to begin with. */
export interface InShort {
  standard: string;
  setUp: string;
  cue: string;
}

/** Lifts whose full checklist is still to be written, by id. */
export const inShort: Record<string, InShort> = {
  'front-squat': {
    standard:
      'Hip crease below the knee or as deep as the pelvis stays neutral, elbows up all the way.',
    setUp:
      'Bar on the shoulders close to the throat, elbows high, feet a little wider than the shoulders.',
    cue: 'Elbows to the far wall',
  },
  'box-squat': {
    standard: 'Sits to the box under control, stays tight on it, stands up without rocking.',
    setUp: 'Box just behind, shins near upright, feet a little wider than in a free squat.',
    cue: 'Reach back for the box',
  },
  'goblet-squat': {
    standard: 'Elbows pass inside the knees, heels stay down, bell stays on the breastbone.',
    setUp: 'Bell held under its top against the breastbone, toes slightly out.',
    cue: 'Sit between your heels',
  },
  'leg-press': {
    standard:
      'As deep as the pelvis stays on the pad, knees in line with the toes, no lock-out slam.',
    setUp: 'Back and seat against the pad, feet hip to shoulder width in the middle of the plate.',
    cue: 'Push the plate away through the whole foot',
  },
  'hack-squat': {
    standard: 'Back stays on the pad, knees follow the toes, same depth each rep.',
    setUp: 'Shoulders under the pads, feet in the middle of the plate, shoulder width.',
    cue: 'Slide down the wall',
  },
  'split-squat': {
    standard: 'Back knee close to the floor, front heel down, trunk as it started.',
    setUp: 'Feet hip width apart on two rails, a long step between them.',
    cue: 'Down like a lift, not forward',
  },
  'deep-split-squat': {
    standard: 'Hip of the front leg below its knee, front heel down, pelvis level.',
    setUp: 'Front foot raised a little or back foot on a low bench, hand support where wanted.',
    cue: 'Sink straight into the front hip',
  },
  'reverse-lunge': {
    standard: 'Steps back quietly, knee close to the floor, front foot does the work.',
    setUp: 'Stand tall, feet hip width, eyes ahead.',
    cue: 'Leave the front shin where it is',
  },
  'walking-lunge': {
    standard: 'Same length of step each time, knee close to the floor, trunk steady.',
    setUp: 'A clear lane, bells hanging at the sides.',
    cue: 'Two rails, one step at a time',
  },
  'step-up': {
    standard: 'The leg on the box does the work, no push from below, down under control.',
    setUp: 'Whole foot on a box no higher than the knee.',
    cue: 'Leave the floor as if it were hot',
  },
  deadlift: {
    standard:
      'Bar against the legs all the way, back as it started, hips and knees locked, each rep afresh.',
    setUp:
      'Bar over the middle of the foot, shins to the bar, shoulder blades above it, slack taken up.',
    cue: 'Push the floor away',
  },
  'trap-bar-deadlift': {
    standard: 'Stands up in one piece, bar level, locked by the hips, lowered under control.',
    setUp: 'In the exact middle of the bar, handles gripped in their middle, chest tall.',
    cue: 'Stand up tall through the floor',
  },
  'dumbbell-romanian-deadlift': {
    standard:
      'Hips back, bells along the thighs, back as it started, stretch felt behind the thigh.',
    setUp: 'Feet hip width, knees soft, bells against the thighs.',
    cue: 'Close the door with your hips',
  },
  'kettlebell-deadlift': {
    standard: 'Hips go back and return, back as it started, bell comes up between the heels.',
    setUp: 'Bell between the ankles, hips back until the hands reach it.',
    cue: 'Hips back, reach through the legs',
  },
  'good-morning': {
    standard: 'Back as it started, hips back until the stretch behind the thigh stops them.',
    setUp: 'Bar on the upper back as for a squat, knees soft.',
    cue: 'Bow from the hips',
  },
  'back-extension': {
    standard: 'Hips finish the rep, ribs down, no arch at the top.',
    setUp: 'Pad just below the hip bone, toes out, upper back rounded.',
    cue: 'Drive the hips into the pad',
  },
  'hip-thrust': {
    standard: 'Hips locked with the tail tucked and ribs down, a pause at the top.',
    setUp: 'Shoulder blades on the bench edge, shins upright at the top, pad under the bar.',
    cue: 'Tuck, then push the ceiling',
  },
  'glute-bridge': {
    standard: 'Hips locked without an arch, a pause at the top, no rush down.',
    setUp: 'On the back, heels close to the seat, bar padded across the hips.',
    cue: 'Squeeze the seat off the floor',
  },
  'cable-pull-through': {
    standard: 'Hinge back with the rope between the legs, finish tall by the hips.',
    setUp: 'Back to the stack, two steps out, rope between the legs.',
    cue: 'Hips to the wall in front',
  },
  'cable-abduction': {
    standard: 'Leg goes out without the trunk tipping, back under control.',
    setUp: 'Strap above the ankle, side to the stack, hand on the frame.',
    cue: 'Push the cable away with your heel',
  },
  'leg-extension': {
    standard: 'Knees straight with a pause, seat stays down, slow on the way back.',
    setUp: 'Knee joint at the pivot of the machine, pad above the ankle.',
    cue: 'Kick slowly, hold, then resist',
  },
  'leg-curl': {
    standard: 'Heel comes close to the seat, hips stay down, slow on the way back.',
    setUp: 'Knee joint at the pivot of the machine, pad above the heel.',
    cue: 'Pull the heels under you',
  },
  'calf-raise': {
    standard: 'Full stretch with a pause, as high as it goes, knees as they started.',
    setUp: 'Balls of the feet on the edge, heels free.',
    cue: 'Stop at the bottom, then rise',
  },
  'bench-press': {
    standard: 'Touches the lower chest and holds still, elbows locked, seat on the bench.',
    setUp:
      'Eyes under the bar, feet planted, shoulder blades back and down, forearms upright at the bottom.',
    cue: 'Bring the chest to the bar',
  },
  'close-grip-bench-press': {
    standard: 'Touches and holds, elbows closer to the side, locked at the top.',
    setUp: 'Hands about shoulder width, wrists over elbows, shoulder blades back and down.',
    cue: 'Elbows graze the ribs',
  },
  'incline-bench-press': {
    standard: 'Touches the upper chest and holds, elbows locked, shoulders stay on the bench.',
    setUp: 'Bench near thirty degrees, feet planted, shoulder blades back and down.',
    cue: 'Push yourself into the bench',
  },
  'incline-dumbbell-press': {
    standard: 'Bells come to the outside of the chest, locked above the shoulders.',
    setUp: 'Bench near thirty degrees, bells kicked up from the thighs.',
    cue: 'Press toward the middle of the ceiling',
  },
  'chest-press': {
    standard: 'Handles come level with the chest, elbows straight, shoulders stay back.',
    setUp: 'Seat so that the handles are at mid chest, back against the pad.',
    cue: 'Chest proud, push the wall',
  },
  'push-up': {
    standard: 'Chest a fist from the floor, body in one line, elbows locked.',
    setUp: 'Hands under the shoulders, feet together, seat tight.',
    cue: 'Push the floor away in one plank',
  },
  dip: {
    standard: 'Upper arm level with the floor, shoulders down, elbows locked.',
    setUp: 'Bars close to the hips, shoulders pushed down, legs still.',
    cue: 'Long neck, chest over the hands',
  },
  'overhead-press': {
    standard: 'Locked over the middle of the foot, ribs down, no lean.',
    setUp: 'Hands just outside the shoulders, forearms upright, seat and trunk tight.',
    cue: 'Head through the window',
  },
  'dumbbell-shoulder-press': {
    standard: 'Bells start beside the ears and lock above the shoulders, ribs down.',
    setUp: 'Seated or standing tall, elbows slightly in front.',
    cue: 'Punch straight up',
  },
  'shoulder-press-machine': {
    standard: 'Handles from beside the ears to straight arms, back on the pad.',
    setUp: 'Seat so that the handles are at the shoulders.',
    cue: 'Push up, ribs stay down',
  },
  'chest-supported-row': {
    standard: 'Chest stays on the pad, elbows pass the ribs, full reach below.',
    setUp: 'Bench near forty-five degrees, chest high on it, feet planted.',
    cue: 'Elbows to the back pockets',
  },
  'seated-row': {
    standard: 'Trunk still, elbows past the ribs, full reach in front.',
    setUp: 'Knees soft, trunk upright, handle at arm’s length.',
    cue: 'Blades together, then the elbows',
  },
  'barbell-row': {
    standard: 'Trunk held at one angle, bar to the navel, no jerk from the hips.',
    setUp: 'Hinged as in a deadlift, bar hanging under the shoulders.',
    cue: 'Pull the bar into your pockets',
  },
  'lat-pulldown': {
    standard: 'Bar to the collarbones, shoulders down, full reach at the top.',
    setUp: 'Thighs under the pad, hands a little wider than the shoulders.',
    cue: 'Elbows to the back pockets',
  },
  'assisted-pull-up': {
    standard: 'From a full hang to the chin over the hands, no kick.',
    setUp: 'Knees on the pad, hands a little wider than the shoulders.',
    cue: 'Pull the bar down to you',
  },
  'pull-up': {
    standard: 'From a full hang to the chin over the bar, no kick.',
    setUp: 'Hands a little wider than the shoulders, legs still, ribs down.',
    cue: 'Drive the elbows to the floor',
  },
  'lateral-raise': {
    standard: 'Arms to shoulder height, elbows a touch bent, no swing.',
    setUp: 'Bells at the sides, slight lean forward, shoulders down.',
    cue: 'Reach for the side walls',
  },
  'side-lying-raise': {
    standard: 'Straight arm from the hip to nearly overhead, slow down, no roll.',
    setUp: 'On the side on a bench near thirty degrees, seat up as a stop.',
    cue: 'Long arm, slow way down',
  },
  'rear-raise': {
    standard: 'Arms out to the side to the height of the back, chest stays on the pad.',
    setUp: 'Chest on a low incline, bells hanging under the shoulders.',
    cue: 'Spread the arms wide, not back',
  },
  'face-pull': {
    standard: 'Rope to the brow, elbows high, hands behind the elbows at the end.',
    setUp: 'Cable at the height of the face, one step back, trunk still.',
    cue: 'Pull the rope apart',
  },
  'upright-row': {
    standard: 'Elbows no higher than the shoulders, bar close, no swing.',
    setUp: 'Hands wider than the hips, bar against the thighs.',
    cue: 'Lead with the elbows, stop early',
  },
  'dumbbell-curl': {
    standard: 'Elbows stay at the side, palms up, full length below.',
    setUp: 'Tall, bells at the sides, shoulders down.',
    cue: 'Elbows stay in your pockets',
  },
  'hammer-curl': {
    standard: 'Thumbs up all the way, elbows at the side, full length below.',
    setUp: 'Tall, bells at the sides, palms facing in.',
    cue: 'Hammer a nail in the wall, slowly',
  },
  'bar-curl': {
    standard: 'Elbows stay at the side, no lean back, full length below.',
    setUp: 'Hands shoulder width on the bends of the bar, shoulders down.',
    cue: 'Still trunk, moving forearms',
  },
  'press-down': {
    standard: 'Elbows fixed at the side, straight at the bottom, slow up.',
    setUp: 'One step from the stack, slight lean, shoulders down.',
    cue: 'Push the floor with your fists',
  },
  'lying-triceps-extension': {
    standard: 'Upper arms stay where they are, bar to the crown of the head, elbows straight.',
    setUp: 'On the bench, arms leaning slightly back over the head.',
    cue: 'Only the forearms move',
  },
};
