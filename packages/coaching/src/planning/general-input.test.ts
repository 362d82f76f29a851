import type { Flag } from '@spalo/core/person';
import { emptyHistory, noMemory } from '@spalo/core/memory';
import { ageOn } from '@spalo/core/person';
import { plainTaste } from '@spalo/core/warm-up';
import { generalInputFor, type WarmUpClient } from './general-input';

const client: WarmUpClient = {
  bodyMassG: 70_000,
  sex: 'unsaid',
  trainingMonths: 18,
  birthDate: '1966-11-25',
  nervous: false,
  preference: 'none',
  flags: [],
  reports: [],
  cautions: [],
  overrides: [],
  stiff: ['ankle bend'],
  history: { lifts: emptyHistory.lifts, swaps: emptyHistory.swaps },
};
const flag = (change: Partial<Flag>): Flag => ({
  id: 'flag',
  place: 'knee',
  side: 'left',
  note: '',
  fine: '',
  since: null,
  saidBy: '',
  state: 'new',
  usualPain: 0,
  ...change,
});
const today = { now: '2026-11-25T07:30:00.000Z', hour: 7 };
const squatAndRow = ['back-squat', 'one-arm-row'];

describe('what the general part is built from', () => {
  it('names the lifts of today in their order, and those that the client never did', () => {
    const input = generalInputFor(
      {
        ...client,
        history: {
          lifts: { 'back-squat': { ...noMemory, lastDone: '2026-11-20T10:00:00.000Z' } },
          swaps: {},
        },
      },
      squatAndRow,
      today,
    );
    expect(input.lifts.map((lift) => lift.id)).toEqual(squatAndRow);
    expect(input.newLifts).toEqual(['one-arm-row']);
  });

  it('leaves out a lift that the catalogue does not know', () => {
    expect(generalInputFor(client, ['elsewhere', 'back-squat'], today).lifts).toHaveLength(1);
  });

  it('takes a joint as painful while its flag is open', () => {
    const painful = (state: Flag['state']) =>
      generalInputFor({ ...client, flags: [flag({ state })] }, squatAndRow, today).painful;
    expect(painful('new')).toEqual(['knee']);
    expect(painful('cleared')).toEqual([]);
  });

  it('is early before eight, by the clock of the place', () => {
    const early = (hour: number) => generalInputFor(client, squatAndRow, { ...today, hour }).early;
    expect([6, 7, 8, 18].map(early)).toEqual([true, true, false, false]);
  });

  it('knows the age on the day, and none where the birthday is not known', () => {
    const at = (now: string, birthDate: string | null = client.birthDate) => [
      ageOn(birthDate, now),
      generalInputFor({ ...client, birthDate }, squatAndRow, { ...today, now }).older,
    ];
    expect(at('2026-11-24T12:00:00.000Z')).toEqual([59, false]);
    expect(at('2026-11-25T12:00:00.000Z')).toEqual([60, true]);
    expect(at(today.now, null)).toEqual([null, false]);
  });

  it('wishes for nothing unless told, and carries wishes, stiff places and swaps on', () => {
    const plain = generalInputFor(client, squatAndRow, today);
    expect(plain).toMatchObject({ minutes: null, taste: plainTaste, stiff: ['ankle bend'] });
    const wished = generalInputFor(
      { ...client, history: { lifts: {}, swaps: { bike: 'walk' } } },
      squatAndRow,
      today,
      { minutes: 8, taste: { ...plainTaste, hips: 'band' } },
    );
    expect(wished).toMatchObject({ minutes: 8, taste: { hips: 'band' }, swaps: { bike: 'walk' } });
  });
});
