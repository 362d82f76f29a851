import { joints, type Joint } from '@spalo/core/lift';
import {
  bodyRanges,
  buildGeneral,
  drillJoints,
  generalSeconds,
  jobs,
  neededRanges,
  plainTaste,
  substitutes,
  type GeneralInput,
} from '@spalo/core/warm-up';
import { whyText } from '@spalo/core/words';
import fc from 'fast-check';
import { drills, findDrill, liftById, catalogueLifts as lifts } from '@spalo/catalog';

const usual = ['back-squat', 'bench-press', 'romanian-deadlift', 'one-arm-row'].map(liftById);
const input = (change: Partial<GeneralInput> = {}): GeneralInput => ({
  lifts: usual,
  newLifts: [],
  stiff: [],
  painful: [],
  cautions: [],
  trainingMonths: 26,
  older: false,
  early: false,
  minutes: null,
  passed: [],
  taste: plainTaste,
  swaps: {},
  drills,
  ...change,
});
const names = (change: Partial<GeneralInput> = {}) =>
  buildGeneral(input(change)).steps.map((step) => step.drillId);
const jobsOf = (change: Partial<GeneralInput> = {}) =>
  buildGeneral(input(change)).steps.map((step) => step.job);

describe('the drills', () => {
  it('are at least 25, each with its job, time and words, named once', () => {
    expect(drills.length).toBeGreaterThanOrEqual(25);
    expect(new Set(drills.map((each) => each.id)).size).toBe(drills.length);
    for (const drill of drills) {
      expect(drill.how.length).toBeGreaterThan(20);
      expect(drill.forWhat).toMatch(/\.$/);
      expect(drill.seconds).toBeGreaterThan(0);
      expect(drill.range !== null).toBe(drill.job === 'mobilise');
    }
  });
  it('open every range twice, so that one can stand in for the other', () => {
    for (const range of bodyRanges.filter((each) => each !== 'wrist')) {
      expect(drills.filter((drill) => drill.range === range).length).toBeGreaterThanOrEqual(2);
    }
  });
  it('rehearse every lift as itself or as its own first rung', () => {
    for (const lift of lifts) {
      const found = drills.filter((each) => each.liftIds.includes(lift.id));
      expect([lift.id, found.map(({ job }) => job)]).toEqual([lift.id, ['rehearse']]);
    }
  });
  it.each([
    [/on the back|low back pressed down/i, 'on the back'],
    [/face down/i, 'on the front'],
    [/all fours|on hands and toes|push-up on the bar/i, 'on hands'],
    [/elbow under|elbows on a bench/i, 'on elbows'],
    [/kneeling/i, 'kneeling'],
    [/overhead|arms up|over the head/i, 'arms overhead'],
  ] as const)('say where they are done: %s is %s', (words, position) => {
    const own = drills.filter((each) => !each.id.startsWith('rehearse-'));
    const found = own.filter((each) => words.test(`${each.name}. ${each.how}`));
    expect(found.length).toBeGreaterThan(0);
    for (const drill of found)
      expect([drill.id, drill.positions]).toEqual([drill.id, expect.arrayContaining([position])]);
  });
  it('know what each lift needs', () => {
    for (const lift of lifts) expect(neededRanges(lift).length).toBeGreaterThan(0);
    expect(neededRanges(liftById('front-squat'))).toContain('wrist');
  });
});

describe('the general part', () => {
  it('raises five minutes, opens what the first lift needs, wakes hips and trunk', () => {
    const { steps, left, fits } = buildGeneral(input());
    expect(steps.map((step) => step.drillId)).toEqual([
      'easy-bike',
      'knee-to-wall',
      'single-leg-bridge',
      'side-plank',
      'prone-y',
    ]);
    expect(steps[0]!.seconds).toBe(300);
    expect(steps[1]!.rounds).toBe(1);
    expect(steps.every((step) => whyText(step.why, 'kg').length > 5)).toBe(true);
    expect({ left, fits }).toEqual({ left: [], fits: true });
  });
  it.each([
    [{ older: true }, 600],
    [{ older: true, early: true }, 900],
    [{ taste: { ...plainTaste, coldRoom: true } }, 600],
    [{ stiff: ['ankle bend', 'hip rotation'] as const }, 600],
    [{ taste: { ...plainTaste, raiseMinutes: 8 } }, 480],
  ])('raises longer or as the trainer likes: %o', (change, seconds) => {
    expect(buildGeneral(input(change as Partial<GeneralInput>)).steps[0]!.seconds).toBe(seconds);
  });
  it('needs no raise for small muscles alone, nor where the trainer leaves it out', () => {
    const small = ['dumbbell-curl', 'lateral-raise'].map(liftById);
    expect(jobsOf({ lifts: small })).not.toContain('raise');
    expect(jobsOf({ taste: { ...plainTaste, raiseMinutes: 0 } })).not.toContain('raise');
  });
  it('opens a stiff range that a later lift needs, and only ranges that are needed', () => {
    expect(names({ stiff: ['hamstrings'] })).toContain('hamstring-doorway');
    expect(names({ stiff: ['wrist'] })).not.toContain('wrist-rocks');
  });
  it('always activates before the lower body, with bands where the trainer prefers them', () => {
    for (const lift of lifts.filter((each) => each.region === 'lower')) {
      expect(jobsOf({ lifts: [lift] })).toContain('activate');
    }
    expect(names({ taste: { ...plainTaste, hips: 'band' } })).toContain('band-side-steps');
  });
  it('always rehearses with beginners, and new lifts with anyone', () => {
    expect(names({ trainingMonths: 2 })).toEqual(
      expect.arrayContaining(['dowel-squat', 'rehearse-bench-press']),
    );
    expect(names({ newLifts: ['romanian-deadlift'] })).toContain('dowel-hinge');
    const allNew = names({ newLifts: usual.map((lift) => lift.id) });
    expect(allNew).toEqual(
      expect.arrayContaining([
        'dowel-squat',
        'rehearse-bench-press',
        'dowel-hinge',
        'rehearse-one-arm-row',
      ]),
    );
    expect(jobsOf()).not.toContain('rehearse');
  });
  it('leaves out what loads a painful joint or goes against a caution, and says so', () => {
    expect(names({ painful: ['hip'] })).not.toContain('single-leg-bridge');
    const { steps, left } = buildGeneral(input({ painful: ['hip', 'low back'] }));
    expect(steps.some((step) => drillJoints(findDrill(step.drillId)!).includes('hip'))).toBe(false);
    expect(left.join()).toMatch(/has an open flag/);
    expect(names({ cautions: ['not lying flat'] })).toContain('walking-lunge');
    const upper = usual.slice(1, 2);
    expect(names({ lifts: upper })).toContain('prone-y');
    expect(names({ lifts: upper, cautions: ['not lying flat'] })).not.toContain('prone-y');
    expect(
      names({ lifts: [liftById('push-up')], trainingMonths: 1, painful: ['elbow'] }),
    ).not.toContain('incline-push-up');
  });
  it('names the ranges that there is no time for', () => {
    const { left } = buildGeneral(input({ stiff: [...bodyRanges], lifts: [...lifts] }));
    expect(left.join()).toMatch(/ten minutes of mobility are enough/);
  });
  it('does what this client does instead', () => {
    expect(names({ swaps: { 'easy-bike': 'easy-row' } })[0]).toBe('easy-row');
    expect(names({ swaps: { 'easy-bike': 'easy-row' }, painful: ['wrist'] })[0]).toBe('easy-bike');
  });
  it('offers substitutes of the same job and range only', () => {
    const found = substitutes(findDrill('knee-to-wall')!, input());
    expect(found.map((each) => each.id)).toEqual(['loaded-ankle-sit']);
    expect(substitutes(findDrill('knee-to-wall')!, input({ painful: ['knee'] }))).toEqual([]);
  });

  it('drops rounds, then raising, then ranges beside the first lift, and says what', () => {
    const stiff = { stiff: ['ankle bend', 'hamstrings'] as const, trainingMonths: 5 };
    const whole = buildGeneral(input(stiff));
    const shorter = (minutes: number) => buildGeneral(input({ ...stiff, minutes }));
    const minute = Math.floor(whole.seconds / 60);
    expect(shorter(minute).dropped.join()).toMatch(/a round of/);
    expect(shorter(minute).dropped.join()).not.toMatch(/minute/);
    const short = shorter(9);
    expect(short.dropped.join()).toMatch(/7 × a minute of easy bike|a minute of easy bike/);
    const least = shorter(1);
    expect(least.fits).toBe(false);
    expect(least.dropped).toContain('heel on the bench');
    expect(least.steps.every((step) => step.rounds === 1)).toBe(true);
    for (const job of ['activate', 'rehearse'])
      expect(least.steps.filter((step) => step.job === job).length).toBeLessThanOrEqual(1);
    // The raise goes last, and who is older keeps it.
    expect(least.dropped.at(-1)).toBe('easy bike');
    const older = buildGeneral(input({ ...stiff, older: true, minutes: 1 }));
    expect(older.steps.find((step) => step.job === 'raise')!.seconds).toBe(180);
  });

  it('fits a fifth of half an hour for nearly everybody', () => {
    const somebody = fc.record({
      lifts: fc.shuffledSubarray([...lifts], { minLength: 3, maxLength: 5 }),
      trainingMonths: fc.constantFrom(0, 6, 30),
      newest: fc.boolean(),
    });
    const all = fc.sample(somebody, { numRuns: 200, seed: 5 });
    const over = all.filter(({ newest, ...change }) => {
      const newLifts = newest ? change.lifts.map(({ id }) => id) : [];
      return !buildGeneral(input({ ...change, newLifts, minutes: 6 })).fits;
    });
    expect(over).toHaveLength(0);
  });

  it('takes nothing away from what has passed, and counts only what is to come', () => {
    const whole = buildGeneral(input({ stiff: ['ankle bend', 'upper back'] }));
    const [raise, ...ahead] = whole.steps;
    const passed = [raise!.drillId];
    const fitted = (minutes: number | null) =>
      buildGeneral(input({ stiff: ['ankle bend', 'upper back'], passed, minutes }));
    expect(fitted(null)).toMatchObject({ steps: whole.steps, seconds: generalSeconds(ahead) });
    const least = fitted(1);
    expect(least.steps[0]).toEqual(raise);
    expect(least.dropped.join()).not.toContain(findDrill(raise!.drillId)!.name.toLowerCase());
    expect(least.seconds).toBe(generalSeconds(least.steps.slice(1)));
    expect(fitted(Math.ceil(generalSeconds(ahead) / 60)).dropped).toEqual([]);
  });

  it('is in order, never twice the same, within the time where it says so', () => {
    const anyInput = fc.record({
      lifts: fc.shuffledSubarray([...lifts], { minLength: 1, maxLength: 5 }),
      stiff: fc.subarray([...bodyRanges]),
      painful: fc.subarray([...joints] as Joint[], { maxLength: 3 }),
      cautions: fc.constantFrom([], ['not lying flat' as const]),
      trainingMonths: fc.constantFrom(0, 6, 30),
      older: fc.boolean(),
      early: fc.boolean(),
      minutes: fc.option(fc.integer({ min: 1, max: 30 })),
      newest: fc.boolean(),
    });
    fc.assert(
      fc.property(anyInput, ({ newest, ...change }) => {
        const asked = input({ ...change, newLifts: newest ? change.lifts.map((l) => l.id) : [] });
        const { steps, seconds, fits } = buildGeneral(asked);
        const order = steps.map((step) => jobs.indexOf(step.job));
        expect(order).toEqual([...order].sort((a, b) => a - b));
        expect(new Set(steps.map((step) => step.drillId)).size).toBe(steps.length);
        expect(seconds).toBe(generalSeconds(steps));
        if (asked.minutes !== null) expect(fits).toBe(seconds <= asked.minutes * 60);
        for (const step of steps) {
          expect(
            drillJoints(findDrill(step.drillId)!).some((j) => change.painful.includes(j)),
          ).toBe(false);
          if (change.cautions.length > 0) {
            expect(findDrill(step.drillId)!.positions).not.toContain('on the back');
            expect(findDrill(step.drillId)!.positions).not.toContain('on the front');
          }
        }
      }),
    );
  });
});
