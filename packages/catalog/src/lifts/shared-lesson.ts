import type { Lift } from '@spalo/core';
import type { Lesson } from '../schema';
import type { InShort } from './in-short';

/**
 * What holds for every lift, with the lift's own standard, set-up and first cue: one start, one path, one finish,
 * a braced trunk and a load under control. Its style is whole, so cues of it never contradict each other.
 */
export function sharedLesson(lift: Lift, { standard, setUp, cue }: InShort): Lesson {
  const easier =
    lift.region === 'lower'
      ? 'Body weight or a dowel, slow'
      : 'Less range, a band or the lightest load';
  return {
    liftId: lift.id,
    styles: [
      {
        id: 'plain',
        name: 'Plain',
        suits: 'Everyone who can take the start position without pain.',
        standard,
        checkpoints: [
          {
            id: 'shared-place',
            phase: 'place and equipment',
            look: 'Place and load',
            from: 'front',
            right: 'Room all round, the right load on both sides, pins and clips checked.',
            why: 'Nothing is sorted out under a load.',
          },
          {
            id: 'own-set-up',
            phase: 'set-up',
            look: 'Start position',
            from: 'side',
            right: setUp,
            why: 'A rep can only end as well as it began.',
          },
          {
            id: 'grip-or-feet',
            phase: 'set-up',
            look: 'Left and right alike',
            from: 'front',
            right: 'Hands and feet the same on both sides, on the same marks each time.',
            why: 'A tilt at the start is carried by one side for the whole set.',
          },
          {
            id: 'shared-brace',
            phase: 'brace',
            look: 'Brace',
            from: 'side',
            right: 'Breath low and wide, trunk stiff against it, ribs over the pelvis.',
            why: 'A stiff trunk passes the force on instead of giving way.',
          },
          {
            id: 'shared-start',
            phase: 'start',
            look: 'Quiet start',
            from: 'side',
            right: 'Slack taken up, still for a moment, then moves.',
            why: 'A jerk at the start is carried through the rep.',
          },
          {
            id: 'shared-way-down',
            phase: 'way down',
            look: 'Under control',
            from: 'side',
            right: 'About two seconds, one path, no drop.',
            why: 'What is dropped is not trained, and the bottom takes the blow.',
          },
          {
            id: 'shared-way-up',
            phase: 'way up',
            look: 'Same path back',
            from: 'side',
            right: 'Straight back the way it came, no swing, no twist.',
            why: 'A rep that looks like the first one counts.',
          },
          {
            id: 'shared-finish',
            phase: 'finish',
            look: 'Full finish',
            from: 'side',
            right: 'Same end position each rep, settled before the next one.',
            why: 'Ends that shrink hide tired reps.',
          },
          {
            id: 'shared-put-back',
            phase: 'put back',
            look: 'Put back',
            from: 'front',
            right: 'Set down or back on its place under control, with a straight back.',
            why: 'Most mishaps come after the last rep.',
          },
        ],
        cues: [
          { id: 'first', checkpointId: 'own-set-up', text: cue, kind: 'outside' },
          {
            id: 'like-the-first',
            checkpointId: 'shared-way-up',
            text: 'Make it look like the first',
            kind: 'picture',
          },
          {
            id: 'slow-down',
            checkpointId: 'shared-way-down',
            text: 'Two counts on the way down',
            kind: 'outside',
          },
          {
            id: 'wide-breath',
            checkpointId: 'shared-brace',
            text: 'Breathe wide, get stiff',
            kind: 'body',
          },
          {
            id: 'settle',
            checkpointId: 'shared-finish',
            text: 'Finish, settle, then again',
            kind: 'picture',
          },
        ],
        faults: [
          {
            id: 'short-range',
            name: 'Range gets shorter',
            glyph: 'short',
            weight: 'major',
            causes: [
              {
                cause: 'The load is too much for the full range',
                tell: 'The first reps are full, the last are not.',
                remedies: [
                  { kind: 'cue', cueId: 'like-the-first' },
                  { kind: 'less load', text: 'One step down, full range first.' },
                ],
              },
            ],
          },
          {
            id: 'swing',
            name: 'Swing or jerk',
            glyph: 'fast',
            weight: 'major',
            causes: [
              {
                cause: 'Momentum does the hard part',
                tell: 'The trunk moves before the load does.',
                remedies: [
                  { kind: 'cue', cueId: 'slow-down' },
                  { kind: 'set-up', text: 'Lean on something that keeps the trunk still.' },
                ],
              },
            ],
          },
          {
            id: 'brace-lost',
            name: 'Trunk gives way',
            glyph: 'bend',
            weight: 'safety',
            causes: [
              {
                cause: 'Breath let go under load',
                tell: 'The back changes its shape during the rep.',
                remedies: [
                  { kind: 'cue', cueId: 'wide-breath' },
                  { kind: 'regression', text: easier },
                ],
              },
            ],
          },
          {
            id: 'rushed',
            name: 'Reps run into each other',
            glyph: 'down',
            weight: 'minor',
            causes: [
              {
                cause: 'No reset between reps',
                tell: 'The start position is a little off each time.',
                remedies: [{ kind: 'cue', cueId: 'settle' }],
              },
            ],
          },
        ],
      },
    ],
    ladder: [
      { name: easier, place: 'easier', moveOn: 'Ten reps that look alike.' },
      { name: lift.name, place: 'this', moveOn: 'Two sessions without a fault.' },
    ],
    film: [{ view: 'side', shows: 'the path of the load, the range, and the trunk' }],
    cautions: lift.stress
      .filter(({ how }) => /overhead|turned in|deep stretch/.test(how))
      .map(({ joint, how }) => `Watch the ${joint}: ${how}. Stop short of what hurts.`),
  };
}
