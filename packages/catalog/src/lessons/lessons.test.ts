import { patterns } from '@spalo/core/lift';
import { ofThisVersion, type LogEvent } from '@spalo/core/log';
import { reduceSession } from '@spalo/core/session';
import stored from '../../../../fixtures/version-1/session.json';
import { catalogueLifts as lifts } from '../facts/lifts';
import { liftById } from '../studio/lifts';
import { taught } from '../made/taught';
import type { Lesson } from '../schema/lesson';
import { breathingOut, lessonBreathingOut } from './breathing-out';
import { lessonWithoutTouch, withoutTouch } from './without-touch';
import { lessonHere, loadLesson } from './load';
import { sharedCautions } from './shared-cautions';
import { cueOf, faultOf, regressionOf, safetyFaults, styleOf, stylesOf } from './taught';

const ids = lifts.map((lift) => lift.id);

describe('the catalogue', () => {
  it.each(ids)('%s has a lesson that its index tells of, style by style', async (liftId) => {
    const lesson: Lesson = await loadLesson(liftId);
    expect(lesson.liftId).toBe(liftId);
    expect(lessonHere(liftId)).toBe(lesson);
    const index = stylesOf(liftId);
    expect(index.map(({ id, name }) => [id, name])).toEqual(
      lesson.styles.map(({ id, name }) => [id, name]),
    );
    lesson.styles.forEach((style, at) => {
      expect(index[at]!.cues).toMatchObject(style.cues);
      expect(index[at]!.faults.map(({ id, weight }) => [id, weight])).toEqual(
        style.faults.map(({ id, weight }) => [id, weight]),
      );
      expect(safetyFaults(index[at]!).length).toBeGreaterThan(0);
    });
  });

  /** Words that only a breath that is held needs. */
  const holds = /\bbreath\b(?! out| low and going| into the upper)|fill the|belt full|chest full/i;

  it.each(ids)('%s: breathing out leaves nothing that asks to hold the breath', async (liftId) => {
    const { styles } = await loadLesson(liftId);
    for (const style of styles) {
      const out = lessonBreathingOut(style);
      for (const [at, checkpoint] of style.checkpoints.entries()) {
        const said = out.checkpoints[at]!;
        if (checkpoint.holdsBreath) expect(said.right).toMatch(/out through the effort/);
        else expect(said).toBe(checkpoint);
        const { phase, look, right } = checkpoint;
        const asks =
          phase === 'brace' && holds.test(`${look}. ${right}`) && !/breath out/i.test(look);
        expect(asks && !checkpoint.holdsBreath && `${style.id}: ${right}`).toBe(false);
      }
      for (const [at, cue] of style.cues.entries()) {
        const said = out.cues[at]!;
        if (cue.holdsBreath) expect(said.text).toMatch(/Breathe out|air moving/);
        else expect(said).toBe(cue);
        expect(holds.test(cue.text) && !cue.holdsBreath && cue.text).toBe(false);
      }
      expect(out.cues.map(({ id }) => id)).toEqual(style.cues.map(({ id }) => id));
      const index = breathingOut(styleOf(liftId, style.id));
      expect(index.cues.map(({ text }) => text)).toEqual(out.cues.map(({ text }) => text));
    }
  });

  it('says once what to know before every heavy lift', () => {
    const warned = (id: string) => sharedCautions(liftById(id)).length === 1;
    const heavy = ['deadlift', 'trap-bar-deadlift', 'bench-press', 'overhead-press', 'leg-press'];
    expect([...heavy, 'back-squat', 'romanian-deadlift'].every(warned)).toBe(true);
    expect(['lateral-raise', 'push-up', 'bar-curl', 'dead-bug'].some(warned)).toBe(false);
  });

  it.each(ids)(
    '%s teaches no ache as a fault, and touches nobody where they do not agree',
    async (liftId) => {
      const { styles } = await loadLesson(liftId);
      const ache =
        /\b(pains?|painful|aches?|hurts?|sore|sting\w*|tingl\w*|numb|pinch(es)?|strains?)\b/i;
      for (const style of styles) {
        for (const { name, causes } of style.faults) {
          const said = [name, ...causes.flatMap(({ cause, tell }) => [cause, tell])];
          expect(said.filter((words) => ache.test(words))).toEqual([]);
        }
        const touch = style.cues.filter(({ kind }) => kind === 'touch').map(({ text }) => text);
        // Not on buttocks, tailbone or chest, whoever agreed.
        expect(
          touch.filter((text) => /\b(seat|glutes?|tail|hips? back|chest)\b/i.test(text)),
        ).toEqual([]);
        const bare = lessonWithoutTouch(style);
        const ids = new Set(bare.cues.map(({ id }) => id));
        expect(bare.cues.some(({ kind }) => kind === 'touch')).toBe(false);
        expect(ids.size).toBe(style.cues.length - touch.length);
        expect(style.cues[0]!.kind).not.toBe('touch');
        const answers = bare.faults.flatMap(({ causes }) =>
          causes.flatMap(({ remedies }) => remedies),
        );
        for (const answer of answers)
          if (answer.kind === 'cue') expect(ids).toContain(answer.cueId);
        // A major fault is answered by a cue all the same.
        for (const { weight, causes, id } of bare.faults) {
          const cues = causes.flatMap(({ remedies }) =>
            remedies.filter(({ kind }) => kind === 'cue'),
          );
          if (weight === 'major')
            expect(cues.length > 0 || `${liftId} ${style.id} ${id}`).toBe(true);
        }
        expect(withoutTouch(styleOf(liftId, style.id)).cues.map(({ id }) => id)).toEqual([...ids]);
      }
    },
  );

  /** Lifts that most of coaching is about, and what each of their styles has at the least. */
  const big = ['back-squat', 'bench-press', 'deadlift', 'trap-bar-deadlift', 'overhead-press'];
  it.each(ids)('%s is taught whole', async (liftId) => {
    const { styles, ladder, film } = await loadLesson(liftId);
    const [points, cues, faults] = big.includes(liftId) ? [12, 12, 9] : [8, 6, 4];
    for (const style of styles) {
      expect(style.checkpoints.length).toBeGreaterThanOrEqual(points);
      expect(style.cues.length).toBeGreaterThanOrEqual(cues);
      expect(style.faults.length).toBeGreaterThanOrEqual(faults);
      // Where one kind does not land, there is another to try.
      expect(new Set(style.cues.map(({ kind }) => kind)).size).toBeGreaterThanOrEqual(3);
    }
    expect(ladder.length).toBeGreaterThanOrEqual(2);
    expect(film.length).toBeGreaterThanOrEqual(1);
  });

  it('covers a gym floor: at least 65 lifts, each with sensible figures', () => {
    expect(lifts.length).toBeGreaterThanOrEqual(65);
    expect(new Set(ids).size).toBe(lifts.length);
    for (const lift of lifts) {
      expect(lift.repRange.low).toBeLessThan(lift.repRange.high);
      if (lift.counted !== 'reps') continue;
      expect(lift.priorRatio).toBeGreaterThan(0.03);
      expect(lift.priorRatio).toBeLessThan(2.5);
      expect(lift.repConstant).toBeGreaterThanOrEqual(30);
      expect(lift.repConstant).toBeLessThanOrEqual(45);
      expect(lift.muscles.main.length).toBeGreaterThan(0);
      const onStation = ['stack', 'machine', 'assisted'].includes(lift.implement);
      expect(lift.stations.length > 0).toBe(onStation);
      expect(lift.bodyShare > 0).toBe(lift.implement === 'body');
    }
    for (const pattern of patterns)
      expect(lifts.some((lift) => lift.pattern === pattern)).toBe(true);
  });

  it('answers for what it does not hold', async () => {
    expect(() => liftById('juggling')).toThrow(RangeError);
    expect(stylesOf('juggling')).toEqual([]);
    expect(() => styleOf('juggling', 'plain')).toThrow(RangeError);
    await expect(loadLesson('juggling')).rejects.toThrow(RangeError);
    expect(styleOf('back-squat', 'forgotten').id).toBe('high-bar');
    expect(regressionOf('back-squat')).toBe('goblet squat');
    expect(cueOf('back-squat', 'high-bar', null)).toBeUndefined();
    expect(cueOf('back-squat', 'high-bar', 'never-said')).toBeUndefined();
  });
});

describe('ids that logs hold', () => {
  const before = taught['leg-press']!;
  beforeAll(() => {
    // The lesson as another version had it: the plain style became "feet middle", and one fault of it has a new name.
    const [style] = before.styles;
    const [fault] = style!.faults;
    const [cue] = style!.cues;
    taught['leg-press'] = {
      ...before,
      styles: [
        {
          ...style!,
          id: 'feet-middle',
          cues: [{ ...cue!, id: 'like-the-first' }],
          faults: ['seat-curls', 'swing'].map((id) => ({ ...fault!, id })),
        },
      ],
      retired: {
        styles: { plain: 'feet-middle' },
        cues: { 'plain/settle': 'feet-middle/like-the-first' },
        faults: {
          'plain/brace-lost': 'plain/back-curls',
          'plain/back-curls': 'feet-middle/seat-curls',
        },
        checkpoints: {},
      },
    };
  });
  afterAll(() => {
    taught['leg-press'] = before;
  });

  it('lead to what took their place, step by step', () => {
    expect(styleOf('leg-press', 'plain').id).toBe('feet-middle');
    expect(faultOf('leg-press', 'plain', 'brace-lost')?.id).toBe('seat-curls');
    expect(cueOf('leg-press', 'plain', 'settle')?.id).toBe('like-the-first');
    // What only moved with its style keeps its name there.
    expect(faultOf('leg-press', 'plain', 'swing')?.id).toBe('swing');
  });

  it('never lead to another fault', () => {
    expect(faultOf('leg-press', 'plain', 'never-seen')).toBeUndefined();
    expect(faultOf('leg-press', 'feet-middle', 'brace-lost')).toBeUndefined();
    expect(faultOf('leg-press', 'no-such-style', 'swing')).toBeUndefined();
  });
});

describe('a session that the first version stored', () => {
  const liftId = 'romanian-deadlift';
  const before = taught[liftId]!;
  afterEach(() => {
    taught[liftId] = before;
  });

  /** Each mark of the log by the name of its fault, as the screens find it. */
  const told = () => {
    const state = reduceSession(stored.map((event) => ofThisVersion(event) as LogEvent))!;
    return state.lifts.flatMap(({ plan, sets }) =>
      sets.flatMap(({ marks }) =>
        marks.map(
          ({ styleId, faultId }) =>
            faultOf(plan.liftId, styleId ?? plan.styleId, faultId)?.name ?? 'unknown',
        ),
      ),
    );
  };

  it('reads right', () => {
    expect(told()).toEqual(['Wrists bend back', 'Wrists bend back', 'Bar leaves the legs']);
  });

  it('reads right after its lesson was replaced by one with other ids, and says unknown where nothing took over', () => {
    const replaced = before.styles.map((style) => ({
      ...style,
      id: `new-${style.id}`,
      faults: style.faults.map((fault) => ({ ...fault, id: `new-${fault.id}` })),
    }));
    const retired = {
      styles: Object.fromEntries(before.styles.map(({ id }) => [id, `new-${id}`])),
      faults: Object.fromEntries(
        before.styles.flatMap(({ id, faults }) =>
          faults.map((fault) => [`${id}/${fault.id}`, `new-${id}/new-${fault.id}`]),
        ),
      ),
    };
    taught[liftId] = {
      ...before,
      styles: replaced,
      retired: { ...before.retired, ...retired },
    };
    expect(told().at(-1)).toBe('Bar leaves the legs');
    taught[liftId] = { ...before, styles: replaced };
    expect(told()).toEqual(['Wrists bend back', 'Wrists bend back', 'unknown']);
  });
});
