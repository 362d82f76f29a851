import type { OwnLift } from '@spalo/core/technique';
import { catalogueLifts } from '../facts/lifts';
import { lessonHere, loadLesson } from '../lessons/load';
import { cueOf, stylesOf } from '../lessons/taught';
import { drillsHere, findDrill } from './drills';
import { teachHere, teachingOf, whileTeaching } from './here';
import { allLifts, findLift, repLifts } from './lifts';

const nothing = { styles: [], checkpoints: [], cues: [], hidden: [] };
const heels: OwnLift = {
  ...nothing,
  id: '1',
  liftId: 'own-heels',
  added: { name: 'Goblet squat, heels up', like: 'goblet-squat' },
  cues: [
    {
      id: 'own-wedge',
      styleIds: ['chest-held'],
      phase: 'set-up',
      checkpointId: 'gs-none',
      text: 'Lost',
      kind: 'outside',
    },
  ],
};
const own = (change: Partial<OwnLift>): OwnLift => ({ ...heels, ...change });
afterEach(() => teachHere(teachingOf([])));

describe('what a studio teaches of its own', () => {
  it('is a lift at once: facts, styles, rehearsal and lesson of the one it is like, under its own name', async () => {
    const [style] = stylesOf('goblet-squat');
    const [point] = (await loadLesson('goblet-squat')).styles[0]!.checkpoints;
    const cue = {
      id: 'own-cue',
      styleIds: [style!.id],
      checkpointId: point!.id,
      phase: point!.phase,
      text: 'Tall',
      kind: 'body',
    } satisfies OwnLift['cues'][number];
    teachHere(teachingOf([own({ cues: [cue] })]));
    const like = findLift('goblet-squat')!;
    expect(findLift('own-heels')).toEqual({
      ...like,
      id: 'own-heels',
      name: 'Goblet squat, heels up',
      like: 'goblet-squat',
    });
    expect(allLifts()).toHaveLength(catalogueLifts.length + 1);
    expect(repLifts().at(-1)!.id).toBe('own-heels');
    // Its own cue comes first; all of the other's follow.
    expect(stylesOf('own-heels')[0]!.cues.map(({ id }) => id)).toEqual([
      'own-cue',
      ...style!.cues.map(({ id }) => id),
    ]);
    expect(cueOf('own-heels', style!.id, 'own-cue')?.phase).toBe(point!.phase);
    const lesson = await loadLesson('own-heels');
    expect(lesson).toMatchObject({ liftId: 'own-heels' });
    expect(lesson.styles[0]!.cues[0]).toEqual({
      id: 'own-cue',
      checkpointId: point!.id,
      text: 'Tall',
      kind: 'body',
    });
    expect(lessonHere('own-heels')).toBe(lesson);
    expect(drillsHere().some(({ liftIds }) => liftIds.includes('own-heels'))).toBe(true);
    expect(findDrill('rehearse-own-heels')).toBeDefined();
    // The lift that it is like stays as it was.
    expect(stylesOf('goblet-squat')[0]).toBe(style);
  });

  it('hides cues and checkpoints, adds points and writes styles, and never leaves a style without a cue', async () => {
    const plain = (await loadLesson('deadlift')).styles;
    const [first] = plain;
    const point = {
      id: 'own-point',
      styleId: 'own-style',
      phase: 'brace',
      look: 'Belt',
      from: 'side',
      right: 'Filled all round',
      why: '',
    } as const;
    const change = own({
      liftId: 'deadlift',
      added: null,
      cues: [
        {
          id: 'own-cue',
          styleIds: ['own-style'],
          phase: 'brace',
          checkpointId: 'own-point',
          text: 'Fill it',
          kind: 'picture',
        },
      ],
      checkpoints: [point],
      styles: [
        { id: 'own-style', from: first!.id, name: 'Belted', suits: 'Heavy', standard: 'As ever' },
      ],
      hidden: first!.cues.map(({ id }) => id),
    });
    teachHere(teachingOf([change]));
    const index = stylesOf('deadlift');
    expect(index.map(({ id }) => id)).toEqual([...plain.map(({ id }) => id), 'own-style']);
    expect(index.at(-1)!.cues.map(({ id }) => id)).toEqual(['own-cue']);
    expect(index[0]!.cues).toHaveLength(first!.cues.length);
    const { styles } = await loadLesson('deadlift');
    const written = styles.at(-1)!;
    expect(written).toMatchObject({ name: 'Belted', standard: 'As ever' });
    expect(written.checkpoints.at(-1)).toMatchObject({ id: 'own-point' });
    expect(written.faults).toEqual(first!.faults);
    expect(styles[0]!.checkpoints.some(({ id }) => id === 'own-point')).toBe(false);
  });

  it('passes over what is like nothing, and over a name that the catalogue took since', () => {
    const lost = teachingOf([
      own({ added: { name: 'Lost', like: 'no-such-lift' } }),
      own({ liftId: 'deadlift', added: { name: 'Mine', like: 'goblet-squat' } }),
      own({ liftId: 'no-such-lift', added: null }),
    ]);
    expect(lost.lifts).toEqual(catalogueLifts);
    expect(lost.own.size).toBe(0);
  });

  it('is one studio’s while something is computed for it, and nobody’s after, also where that fails', () => {
    const teaching = teachingOf([heels]);
    expect(whileTeaching(teaching, () => findLift('own-heels')?.name)).toBe(
      'Goblet squat, heels up',
    );
    expect(findLift('own-heels')).toBeUndefined();
    expect(() =>
      whileTeaching(teaching, () => {
        throw new Error('no');
      }),
    ).toThrow('no');
    expect(findLift('own-heels')).toBeUndefined();
  });
});
