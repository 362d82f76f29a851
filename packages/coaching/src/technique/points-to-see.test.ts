import { setUpPhases, styleOf } from '@spalo/catalog';
import { emptyHistory, noMemory } from '@spalo/core/memory';
import { newLift, type PlannedLift } from '@spalo/core/session';
import { ladderStanding } from './ladder-standing';
import { pointsGotWrong } from './points-to-see';

const style = styleOf('deadlift', 'conventional');
const plan = { liftId: 'deadlift', styleId: 'conventional', steps: [] } as unknown as PlannedLift;
const state = newLift(plan);

/** Sessions of a lift, latest first: each with the clean reps of its one set and the faults marked in it. */
const history = (liftId: string, ...sessions: { clean?: number; faults?: string[] }[]) => ({
  ...emptyHistory,
  lifts: {
    [liftId]: {
      ...noMemory,
      marked: sessions.map(({ clean = 8, faults = [] }, at) => ({
        sessionId: `s${at}`,
        at: `2026-11-${20 - at}T10:00:00.000Z`,
        sets: [
          {
            loadG: 60_000,
            reps: 10,
            cleanReps: clean,
            marks: faults.map((faultId, rep) => ({ rep: rep + 1, faultId })),
          },
        ],
      })),
    },
  },
});

describe('set-up points that a client got wrong', () => {
  it('are none where nothing was marked', () => {
    expect(pointsGotWrong(style, state, undefined)).toEqual([]);
    expect(pointsGotWrong(style, state, history('deadlift', {}, {}))).toEqual([]);
  });

  it('are those that the cues against marked faults point at, most often first, at most three', () => {
    const jerked = pointsGotWrong(
      style,
      state,
      history('deadlift', { faults: ['dl-jerk', 'dl-jerk'] }, { faults: ['dl-hips-low'] }),
    );
    expect(jerked).toEqual(['dl-slack', 'dl-blades-over']);
    const all = style.faults.map(({ id }) => id);
    const points = pointsGotWrong(style, state, history('deadlift', { faults: all }));
    expect(points).toHaveLength(3);
    const inSetUp = style.cues.filter(({ phase }) => setUpPhases.has(phase));
    for (const id of points) expect(inSetUp.map((cue) => cue.checkpointId)).toContain(id);
  });

  it('forget what is more than four sessions old', () => {
    const old = history('deadlift', {}, {}, {}, {}, { faults: ['dl-jerk'] });
    expect(pointsGotWrong(style, state, old)).toEqual([]);
  });
});

describe('where a client stands on a ladder', () => {
  const rung = (
    liftId: string,
    place: 'this' | 'harder',
    clean: { reps: number; sessions: number } | null,
  ) => ({
    name: liftId,
    place,
    liftId,
    drillId: null,
    moveOn: 'clean',
    clean,
  });
  const lesson = (clean: { reps: number; sessions: number } | null) => ({
    liftId: 'goblet-squat',
    ladder: [rung('goblet-squat', 'this', clean), rung('back-squat', 'harder', null)],
  });

  it('counts sessions in a row with the asked clean reps, on real sets', () => {
    const asked = lesson({ reps: 8, sessions: 2 });
    const at = (...clean: number[]) =>
      ladderStanding(asked, history('goblet-squat', ...clean.map((each) => ({ clean: each }))))!;
    expect(at().clean.sessions).toBe(0);
    expect(at(8)).toMatchObject({ met: false, clean: { sessions: 1, of: 2 } });
    expect(at(8, 9, 10)).toMatchObject({ met: true, clean: { sessions: 2, of: 2 } });
    // The latest session counts: a slip begins anew.
    expect(at(7, 8, 8)).toMatchObject({ met: false, clean: { sessions: 0 } });
    expect(at(8, 8).next?.liftId).toBe('back-squat');
  });

  it('says nothing where only words do', () => {
    expect(ladderStanding(lesson(null), emptyHistory)).toBeNull();
  });
});
