import { phases } from '../schema/terms';
import { compileAll, compileLesson, LessonProblems, type Sources } from './compile';

const words = 'as it should be';
const style = (change: object = {}) => ({
  name: 'Plain',
  suits: words,
  standard: words,
  teach: ['one', 'two', 'three'].map((id) => ({ id, do: `${words}: ${id}`, right: words })),
  checkpoints: phases.map((phase, at) => ({
    id: `point-${at}`,
    phase,
    look: 'The look',
    from: 'side',
    right: words,
    why: words,
  })),
  cues: ['a', 'b', 'c'].map((id) => ({ id, at: 'point-0', say: 'Say it', kind: 'outside' })),
  faults: (['safety', 'major', 'minor'] as const).map((weight) => ({
    id: weight,
    name: 'Seen',
    glyph: 'in',
    weight,
    causes: ['One sign', 'Another sign'].map((tell) => ({
      cause: words,
      tell,
      remedies: [{ cue: 'a' }, { 'set-up': words }],
    })),
  })),
  ...change,
});
const lesson = {
  styles: ['plain'],
  ladder: [
    { lift: 'box', place: 'easier', moveOn: words, clean: { reps: 10, sessions: 2 } },
    { lift: 'squat', place: 'this', moveOn: words },
  ],
  film: [{ view: 'side', shows: words }],
  cautions: [],
};
const names = {
  lifts: new Map([
    ['squat', 'Squat'],
    ['box', 'Box squat'],
  ]),
  drills: new Map([['dowel', 'Dowel squat']]),
};
const sources = (change: Record<string, unknown> = {}): Sources =>
  new Map(Object.entries({ 'squat/lesson': lesson, 'squat/plain': style(), ...change }));
const problem = (change: Record<string, unknown>): string => {
  try {
    compileLesson(sources(change), 'squat', names);
    return '';
  } catch (error) {
    if (!(error instanceof LessonProblems)) throw error;
    return error.message;
  }
};

describe('compiling a lesson', () => {
  it('refuses a major fault with one cause, and causes that nobody can tell apart', () => {
    const faults = (tells: string[]) =>
      style({}).faults.map((fault) => ({
        ...fault,
        causes: tells.map((tell) => ({ cause: 'So it is', tell, remedies: [{ cue: 'a' }] })),
      }));
    expect(problem({ 'squat/plain': style({ faults: faults(['Seen so']) }) })).toContain(
      'the fault major is major and has one cause',
    );
    expect(problem({ 'squat/plain': style({ faults: faults(['Seen so', 'Seen so']) }) })).toContain(
      'are told by the same: Seen so',
    );
  });

  it('gives the lesson whole, and an index of what has to be known at once', () => {
    const { lesson: whole, taught } = compileLesson(sources(), 'squat', names);
    expect(whole.styles[0]!.faults[0]!.causes[0]!.remedies).toEqual([
      { kind: 'cue', cueId: 'a' },
      { kind: 'set-up', text: words },
    ]);
    expect(taught.easier).toBe('box squat');
    expect(taught.styles[0]!.faults[0]).toEqual({
      id: 'safety',
      name: 'Seen',
      glyph: 'in',
      weight: 'safety',
      cueIds: ['a'],
    });
    expect(taught.styles[0]!.cues[0]).toMatchObject({ id: 'a', phase: phases[0] });
    expect(JSON.stringify(taught)).not.toContain(words);
  });

  it('names the rungs of its ladder, with what is counted on real sets', () => {
    const { lesson: whole } = compileLesson(sources(), 'squat', names);
    expect(whole.ladder[0]).toMatchObject({
      name: 'Box squat',
      liftId: 'box',
      drillId: null,
      clean: { reps: 10, sessions: 2 },
    });
  });

  it.each<[string, Record<string, unknown>, RegExp]>([
    ['a missing file', { 'squat/plain': undefined }, /squat\/plain\.yaml/],
    ['a misspelt key', { 'squat/plain': style({ standrad: 'x' }) }, /standrad/],
    [
      'a phase that there is not',
      { 'squat/plain': style({ checkpoints: [{ phase: 'middle' }] }) },
      /checkpoints/,
    ],
    [
      'a name that is too long',
      { 'squat/plain': style({ name: 'x'.repeat(41) }) },
      /styles\.0\.name/,
    ],
    [
      'an id with a space',
      { 'squat/plain': style({ cues: style().cues.map((cue) => ({ ...cue, id: 'A b' })) }) },
      /hyphens/,
    ],
    [
      'the same id twice',
      { 'squat/plain': style({ cues: [...style().cues, style().cues[0]] }) },
      /cue a is there twice/,
    ],
    [
      'a cue at no checkpoint',
      { 'squat/plain': style({ cues: style().cues.map((cue) => ({ ...cue, at: 'moon' })) }) },
      /at moon, which is no checkpoint/,
    ],
    [
      'a remedy that is no cue',
      { 'squat/plain': style({ cues: style().cues.map((cue, at) => ({ ...cue, id: `x${at}` })) }) },
      /names a, which is no cue/,
    ],
    [
      'a phase that nothing inspects',
      {
        'squat/plain': style({
          checkpoints: style().checkpoints.slice(1),
          cues: style().cues.map((cue) => ({ ...cue, at: 'point-1' })),
        }),
      },
      /nothing inspects: place and equipment/,
    ],
    [
      'no fault that stops the set',
      {
        'squat/plain': style({
          faults: style().faults.map((fault) => ({ ...fault, weight: 'minor' })),
        }),
      },
      /one is for safety/,
    ],
    [
      'a look of one word',
      {
        'squat/plain': style({
          checkpoints: style().checkpoints.map((point) => ({ ...point, look: 'Dead' })),
        }),
      },
      /more than one word/,
    ],
    [
      'no order to teach it in',
      { 'squat/plain': style({ teach: style().teach.slice(1) }) },
      /teach.*three to six steps/s,
    ],
    [
      'a cue of another school',
      { 'squat/plain': style({ never: ['say IT'] }) },
      /the cue a says "say IT", which this style never does/,
    ],
    [
      'a ladder that does not reach the lift',
      { 'squat/lesson': { ...lesson, ladder: lesson.ladder.slice(0, 1) } },
      /does not reach the lift/,
    ],
    [
      'a ladder out of order',
      { 'squat/lesson': { ...lesson, ladder: lesson.ladder.toReversed() } },
      /out of order/,
    ],
    [
      'a rung that there is not',
      {
        'squat/lesson': {
          ...lesson,
          ladder: [{ drill: 'juggling', place: 'easier', moveOn: words }, lesson.ladder[1]],
        },
      },
      /no lift or drill juggling/,
    ],
    [
      'a retired id that is in use',
      { 'squat/retired': { faults: { 'plain/safety': 'plain/major' } } },
      /still in use/,
    ],
    [
      'a retired id that leads nowhere',
      { 'squat/retired': { faults: { 'plain/old': 'plain/gone' } } },
      /leads to plain\/gone/,
    ],
  ])('names %s', (_name, change, said) => {
    expect(problem(change)).toMatch(said);
  });

  it('names everything at once, and folders of no lift', () => {
    const bad = sources({ 'squat/plain': style({ cues: [] }), 'juggling/lesson': lesson });
    expect(() => compileAll(bad, names)).toThrow(
      expect.objectContaining({
        problems: [
          expect.stringMatching(/squat/),
          expect.stringMatching(/box\/lesson/),
          'juggling: no lift of that id in the catalogue',
        ],
      }),
    );
  });

  it('refuses a sentence that could stand under any lift', () => {
    const lifts = ['a', 'b', 'c', 'd'];
    const all = new Map<string, unknown>(
      lifts.flatMap((id) => [
        [`${id}/lesson`, { ...lesson, ladder: [{ lift: id, place: 'this', moveOn: words }] }],
        [`${id}/plain`, style()],
      ]),
    );
    const four = { lifts: new Map(lifts.map((id) => [id, `Lift ${id}`])), drills: new Map() };
    expect(() => compileAll(all, four)).toThrow(/"as it should be" stands under 4 lifts/);
    const three = {
      lifts: new Map(lifts.slice(1).map((id) => [id, `Lift ${id}`])),
      drills: new Map(),
    };
    all.delete('a/lesson');
    all.delete('a/plain');
    expect(compileAll(all, three)).toHaveLength(3);
  });
});
