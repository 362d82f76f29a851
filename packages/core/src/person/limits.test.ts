import { said } from '../test/said';
import { NOW, flag, person, row, squat } from '../test/fixtures';
import { ageOn } from './age';
import { cautionsFor, exhales, startsCareful } from './careful';
import {
  liftLimit,
  rangeLimit,
  rangeOf,
  sideLeft,
  workingRange,
  type LimitContext,
} from './limits';
import { isClosed } from './limit';
import type { Flag, Override, Person, RangeId } from './person';

const clean = { now: NOW, faults: [null, null, null] };
const opened = (range: RangeId | null, liftId = squat.id): Override => ({
  liftId,
  range,
  reason: 'asked the clinician',
  at: NOW,
  by: 'trainer',
});
const closed = (
  who: Partial<Person>,
  range: RangeId,
  context: LimitContext = clean,
  lift = squat,
) => {
  const limit = rangeLimit({ ...person, ...who }, lift, range, context);
  return isClosed(limit) ? said(limit.why) : null;
};

describe('rep ranges', () => {
  it.each([
    [1, '1-5'],
    [5, '1-5'],
    [6, '6-7'],
    [12, '8-12'],
    [13, '13-20'],
    [30, '13-20'],
  ])('%d reps are in %s', (reps, range) => {
    expect(rangeOf(reps)).toBe(range);
  });

  it('are all open to an adult with two years of training and clean sessions', () => {
    for (const range of ['1-5', '6-7', '8-12', '13-20'] as const) {
      expect(closed({}, range)).toBeNull();
    }
  });

  it('close 1–5 under twelve months, and the trainer may open it', () => {
    expect(closed({ trainingMonths: 11 }, '1-5')).toMatch(/12 months/);
    expect(closed({ trainingMonths: 11, overrides: [opened('1-5')] }, '1-5')).toBeNull();
    expect(
      closed({ trainingMonths: 11, overrides: [opened('1-5', row.id)] }, '1-5'),
    ).not.toBeNull();
  });

  it('close 1–5 for a lift that loads a flagged joint, and no other lift', () => {
    const flags = [flag({ place: 'wrist' })];
    expect(closed({ flags }, '1-5', clean, row)).toMatch(/wrist/);
    expect(closed({ flags }, '1-5', clean, squat)).toBeNull();
    expect(
      closed({ flags: [flag({ place: 'wrist', state: 'cleared' })] }, '1-5', clean, row),
    ).toBeNull();
  });

  it('close low reps by screening, and no override opens them', () => {
    const cautions: Person['cautions'] = ['exhale', 'no low reps'];
    for (const range of ['1-5', '6-7'] as const) {
      expect(closed({ cautions, overrides: [opened(range)] }, range)).toMatch(/Screening/);
    }
    expect(closed({ cautions }, '8-12')).toBeNull();
  });

  it('close low reps under 18, and no override opens them', () => {
    const birthDate = '2010-11-25';
    for (const range of ['1-5', '6-7'] as const) {
      expect(closed({ birthDate, overrides: [opened(range)] }, range)).toMatch(/Under 18/);
    }
    expect(closed({ birthDate: '2008-11-24' }, '1-5')).toBeNull();
  });

  it('open 6–7 with three clean sessions in a row', () => {
    expect(closed({}, '6-7', { now: NOW, faults: [] })).toMatch(/three clean/);
    expect(closed({}, '6-7', { now: NOW, faults: [null, 'knees', null] })).toMatch(/three clean/);
    expect(closed({}, '6-7', { now: NOW, faults: [null, null, null, 'knees'] })).toBeNull();
  });
});

describe('lifts', () => {
  it('close for an open flag on what they load, until the trainer opens them with a reason', () => {
    const flags = [flag({ place: 'wrist' })];
    const limit = liftLimit({ ...person, flags }, row, NOW);
    expect(said(said(limit!.why))).toBe('Loads the left wrist (grip), which has an open flag');
    expect(isClosed(limit)).toBe(true);
    expect(
      isClosed(liftLimit({ ...person, flags, overrides: [opened(null, row.id)] }, row, NOW)),
    ).toBe(false);
    expect(liftLimit({ ...person, flags }, squat, NOW)).toBeNull();
  });

  it('stay open under a flag that is only watched or eased', () => {
    for (const degree of ['watch', 'ease'] as const) {
      const flags = [flag({ place: 'wrist', degree })];
      expect(liftLimit({ ...person, flags }, row, NOW)).toBeNull();
    }
  });

  it('can be done on the good side, where they are done one side after the other', () => {
    const oneSided = { ...row, oneSided: true };
    const left = flag({ place: 'wrist', side: 'left' });
    const right = flag({ id: 'other', place: 'wrist', side: 'right' });
    const of = (flags: Flag[]) => ({ ...person, flags });
    expect(liftLimit(of([left]), oneSided, NOW)).toBeNull();
    expect(sideLeft(of([left]), oneSided)).toBe('right');
    expect(isClosed(liftLimit(of([left, right]), oneSided, NOW))).toBe(true);
    expect(sideLeft(of([left, right]), oneSided)).toBeNull();
    expect(isClosed(liftLimit(of([left]), row, NOW))).toBe(true);
  });

  it('are opened against one flag at its degree, which ends with it', () => {
    const wrist = flag({ id: 'wrist', place: 'wrist', degree: 'closed' });
    const override = { ...opened(null, row.id), flagId: 'wrist', degree: 'closed' as const };
    const of = (flags: Flag[]) => ({ ...person, flags, overrides: [override] });
    expect(isClosed(liftLimit(of([wrist]), row, NOW))).toBe(false);
    const another = { ...wrist, id: 'another' };
    expect(isClosed(liftLimit(of([another]), row, NOW))).toBe(true);
    expect(isClosed(liftLimit(of([wrist, another]), row, NOW))).toBe(true);
  });
});

describe('what to keep in mind', () => {
  it('breathes out with high blood pressure, and says so first', () => {
    const who: Person = { ...person, cautions: ['clearance', 'exhale'] };
    expect(exhales(who)).toBe(true);
    expect(exhales(person)).toBe(false);
    expect(cautionsFor(who, NOW)[0]).toMatch(/clinician/);
    expect(cautionsFor(who, NOW)).toContain(
      'Breathe out through the effort; no breath held under load',
    );
  });
  it('names the young and the older beginner', () => {
    expect(cautionsFor({ ...person, birthDate: '2009-01-01' }, NOW)).toEqual([
      'Under 18: lighter, more reps, smaller steps',
    ]);
    expect(
      cautionsFor({ ...person, birthDate: '1955-01-01', trainingMonths: 2 }, NOW),
    ).toHaveLength(1);
    expect(cautionsFor(person, NOW)).toEqual([]);
  });
  it('starts them lower', () => {
    expect(startsCareful(person, NOW)).toBe(false);
    for (const who of [
      { nervous: true },
      { flags: [flag()] },
      { birthDate: '2011-01-01' },
      { birthDate: '1950-01-01' },
      { cautions: ['clearance' as const] },
    ]) {
      expect(startsCareful({ ...person, ...who }, NOW)).toBe(true);
    }
  });
});

describe('the working range', () => {
  const range = (who: Partial<Person>, context: LimitContext = clean) =>
    workingRange({ ...person, ...who }, squat, context);
  it('is the lift’s own, higher for those who need it, lower only where that is open', () => {
    expect(range({})).toEqual({ low: 8, high: 12 });
    expect(range({ birthDate: '2011-01-01' }).low).toBeGreaterThanOrEqual(12);
    expect(range({ cautions: ['no low reps'] }).low).toBeGreaterThanOrEqual(12);
    expect(range({ preference: 'strength' })).toEqual({ low: 6, high: 8 });
    expect(range({ preference: 'strength' }, { now: NOW, faults: [] })).toEqual({
      low: 8,
      high: 12,
    });
  });
});

describe('age', () => {
  it.each([
    ['2008-11-24', 18],
    ['2008-11-25', 17],
    ['1990-01-01', 36],
  ])('born %s is %d', (born, years) => {
    expect(ageOn(born, NOW)).toBe(years);
  });
});

describe('a red flag', () => {
  const chest = { ...flag(), place: 'chest' as const };
  it('locks every lift, whatever was opened, until it is cleared', () => {
    for (const lift of [row, squat]) {
      const overrides = [opened(null, lift.id)];
      const limit = liftLimit({ ...person, flags: [chest], overrides }, lift, NOW);
      expect(limit).toMatchObject({ overridable: false, opened: null });
      expect(said(said(limit!.why))).toMatch(/^Chest pain was reported: no loaded work/);
      const cleared = { ...person, flags: [{ ...chest, state: 'cleared' as const }] };
      expect(liftLimit(cleared, lift, NOW)).toBeNull();
    }
    expect(cautionsFor({ ...person, flags: [chest] }, NOW)[0]).toMatch(/Chest pain/);
  });
});

describe('clearance', () => {
  it('comes before loaded work, and no tap opens it', () => {
    const uncleared = { ...person, cautions: ['clearance' as const] };
    const limit = liftLimit(uncleared, row, NOW);
    expect(isClosed(limit)).toBe(true);
    expect(limit).toMatchObject({ overridable: false });
    const overrides = [opened(null, row.id)];
    expect(isClosed(liftLimit({ ...uncleared, overrides }, row, NOW))).toBe(true);
  });
});

describe('the young', () => {
  it('are told apart: under 14 nothing loaded is planned, under 16 nothing near a limit', () => {
    const born = (birthDate: string) => ({ ...person, birthDate });
    expect(liftLimit(born('2014-01-01'), row, NOW)).toMatchObject({ overridable: false });
    expect(liftLimit(born('2011-01-01'), row, NOW)).toBeNull();
    expect(cautionsFor(born('2014-01-01'), NOW).join()).toMatch(/Under 14/);
    expect(cautionsFor(born('2011-01-01'), NOW).join()).toMatch(/Under 16/);
  });
});

describe('the ranges', () => {
  it('never open out of order: 1–5 is closed where 6–7 is', () => {
    const trained = { ...person, trainingMonths: 40 };
    for (const faults of [[], [null], ['x', null, null], [null, null, null]]) {
      const context = { now: NOW, faults };
      const [low, middle] = (['1-5', '6-7'] as const).map((range) =>
        isClosed(rangeLimit(trained, squat, range, context)),
      );
      expect(low || !middle).toBe(true);
    }
  });
});
