import { isSteady } from '@spalo/core/lift';
import { loadables } from '@spalo/core/loads';
import { emptyHistory } from '@spalo/core/memory';
import { isClosed, liftLimit, rangeLimit, type Person } from '@spalo/core/person';
import { draftLoads } from '@spalo/core/planning';
import { readStrength } from '@spalo/core/strength';
import {
  cautionsOf,
  catalogueLifts as lifts,
  liftById,
  repLifts,
  type ScreeningAnswer,
} from '@spalo/catalog';
import { roomPresets } from '@spalo/catalog/rooms';
import { programmeFor, usualProgramme } from '../programme/programme';
import { somebody } from './somebody.test-help';

let next = 0;
const id = () => `id-${(next += 1)}`;
const [garage, studio, hotel] = roomPresets.map((preset) => preset.make(id));
const NOW = '2026-11-24T10:00:00.000Z';
const person = somebody;
const wrist: Person['flags'][number] = {
  id: 'flag',
  place: 'wrist',
  side: 'both',
  note: 'bent back',
  fine: 'straight',
  since: null,
  saidBy: 'herself',
  state: 'new',
  usualPain: 1,
};
const yes = (change: Partial<ScreeningAnswer> = {}): ScreeningAnswer => ({
  yes: true,
  note: '',
  clearedBy: '',
  clearedOn: null,
  ...change,
});

describe('screening answers', () => {
  it('limit what they name until clearance is recorded, and the breath for good', () => {
    expect(cautionsOf({ heart: yes() })).toEqual(['clearance', 'exhale', 'no low reps']);
    const cleared = yes({ clearedBy: 'her clinician', clearedOn: '2026-10-01' });
    expect(cautionsOf({ heart: cleared })).toEqual(['exhale', 'careful after clearance']);
    expect(cautionsOf({ heart: { ...yes(), yes: false } })).toEqual([]);
    // Of whom nobody asked anything, nothing is loaded.
    expect(cautionsOf({})).toEqual(['unscreened']);
    expect(cautionsOf({ heart: yes(), pregnancy: yes(), unknown: yes() })).toEqual([
      'clearance',
      'exhale',
      'no low reps',
      'not lying flat',
    ]);
  });
});

describe('the usual programme', () => {
  it.each([
    ['a studio', studio!],
    ['a hotel gym', hotel!],
  ])('covers six movements in %s with what is there', (_name, room) => {
    const programme = usualProgramme(person, room, NOW);
    expect(new Set(programme).size).toBe(6);
  });

  it('leaves out what loads a sore wrist, everywhere it can', () => {
    const programme = usualProgramme({ ...person, flags: [wrist] }, studio!, NOW);
    for (const liftId of programme) {
      expect(liftById(liftId).stress.map(({ joint }) => joint)).not.toContain('wrist');
    }
    expect(programme).not.toEqual(usualProgramme(person, studio!, NOW));
  });

  it('is bars for the trained and bells for beginners', () => {
    expect(usualProgramme(person, studio!, NOW)).toContain('goblet-squat');
    expect(usualProgramme({ ...person, trainingMonths: 30 }, studio!, NOW)).toContain('back-squat');
  });

  it('gives way to what was chosen for the client', () => {
    const chosen = { ...person, programme: ['hip-thrust', 'gone', 'pull-up'] };
    expect(programmeFor(chosen, studio!, NOW).map(({ lift }) => lift.id)).toEqual([
      'hip-thrust',
      'pull-up',
    ]);
    expect(programmeFor({ ...person, programme: [] }, garage!, NOW)).toHaveLength(6);
  });
});

describe('cautions bind what is offered', () => {
  it('no lying flat: nothing on the back or the front, until it is opened with a reason', () => {
    const careful: Person = { ...person, cautions: ['not lying flat'] };
    const closed = lifts.filter((lift) => isClosed(liftLimit(careful, lift, NOW)));
    expect(closed.map((lift) => lift.id)).toEqual(
      expect.arrayContaining(['bench-press', 'dumbbell-bench-press', 'leg-curl', 'glute-bridge']),
    );
    for (const liftId of usualProgramme(careful, studio!, NOW)) {
      expect(['on the back', 'on the front']).not.toContain(liftById(liftId).position);
    }
  });
  it('slow changes: seated or supported lifts, and those first', () => {
    const careful: Person = { ...person, cautions: ['slow changes'] };
    const steady = usualProgramme(careful, studio!, NOW).filter((liftId) =>
      isSteady(liftById(liftId).position),
    );
    expect(steady.length).toBeGreaterThanOrEqual(3);
    const { lifts: drafted } = draftLoads({
      programme: programmeFor(
        { ...careful, programme: ['romanian-deadlift', 'leg-press'] },
        studio!,
        NOW,
      ),
      person: careful,
      profile: readStrength(careful, null, repLifts(), NOW),
      history: emptyHistory,
      room: studio!,
      unit: 'kg',
      now: NOW,
    });
    expect(drafted.map(({ liftId }) => liftId)).toEqual(['leg-press', 'romanian-deadlift']);
  });
});

describe('limits over the whole catalogue', () => {
  it('close one to five for a beginner in every lift', () => {
    for (const lift of lifts) {
      expect(isClosed(rangeLimit(person, lift, '1-5', { now: NOW, faults: [] }))).toBe(true);
    }
  });
});

describe('rooms to begin with', () => {
  it.each(roomPresets.map((preset) => [preset.name, preset] as const))(
    '%s can load something',
    (_, preset) => {
      const room = preset.make(id);
      const bars = room.bars.filter((bar) => bar.kind !== 'handle');
      for (const bar of bars) {
        expect(loadables(room, { kind: 'barbell', barId: bar.id }).all().length).toBeGreaterThan(5);
      }
      expect(loadables(room, { kind: 'dumbbell', hands: 2 }).all().length).toBeGreaterThan(3);
    },
  );
});
