import fc from 'fast-check';
import {
  chanceToHelp,
  choiceGrounds,
  cueOutcomes,
  isOwnCue,
  nextCue,
  noTally,
  withOutcome,
  type CueKnowledge,
  type CueTally,
} from './cue-belief';

const cues = [
  { id: 'floor', kind: 'outside' },
  { id: 'knees', kind: 'body' },
  { id: 'hand', kind: 'touch' },
  { id: 'floor-2', kind: 'outside' },
];
const tally = (helped: number, same = 0, worse = 0): CueTally => ({ helped, same, worse });
const knows = (change: Partial<CueKnowledge> = {}): CueKnowledge => ({
  own: {},
  studio: {},
  lastTried: null,
  ...change,
});
const chosen = (change: Partial<CueKnowledge> = {}) => nextCue(cues, knows(change))?.cue.id ?? null;

describe('the next cue', () => {
  it('is the catalogue’s first while nothing is known', () => {
    expect(chosen()).toBe('floor');
  });
  it('is of another kind than the one that did not help', () => {
    expect(chosen({ lastTried: 'floor', own: { floor: tally(0, 1) } })).toBe('knees');
    expect(chosen({ lastTried: 'knees', own: { knees: tally(0, 1) } })).toBe('floor');
  });
  it('is never one that made it worse for this client', () => {
    expect(chosen({ own: { floor: tally(0, 0, 1) } })).toBe('knees');
    const all = Object.fromEntries(cues.map(({ id }) => [id, tally(0, 0, 1)]));
    expect(chosen({ own: all })).toBeNull();
  });
  it('follows what helped here, and sooner what helped this client', () => {
    expect(chosen({ studio: { hand: tally(5, 1) } })).toBe('hand');
    expect(chosen({ studio: { hand: tally(5, 1) }, own: { knees: tally(3) } })).toBe('knees');
  });
  it('stays with what is left where all are of one kind', () => {
    const same = cues.filter(({ kind }) => kind === 'outside');
    const found = nextCue(same, knows({ lastTried: 'floor', own: { floor: tally(0, 1) } }));
    expect(found?.cue.id).toBe('floor-2');
    expect(nextCue(same.slice(0, 1), knows({ lastTried: 'floor' }))).toBeNull();
  });
  it('says its grounds', () => {
    const found = nextCue(cues, knows({ studio: { floor: tally(5, 1) } }))!;
    expect(choiceGrounds(found, 'Oluchi')).toBe('helped 5 of 6 here, not yet tried with Oluchi');
  });
  it('becomes the client’s own after it helped twice', () => {
    expect([tally(1), tally(2), tally(2, 1), tally(2, 0, 1)].map(isOwnCue)).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe('the belief in a cue', () => {
  const anyTally = fc
    .array(fc.constantFrom(...cueOutcomes), { maxLength: 12 })
    .map((said) => said.reduce(withOutcome, noTally));
  it('is a chance, rises with each help and falls with each that was none', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), anyTally, anyTally, (place, own, studio) => {
        const chance = chanceToHelp(place, own, studio);
        expect(chance).toBeGreaterThan(0);
        expect(chance).toBeLessThan(1);
        expect(chanceToHelp(place, withOutcome(own, 'helped'), studio)).toBeGreaterThan(chance);
        expect(chanceToHelp(place, withOutcome(own, 'same'), studio)).toBeLessThan(chance);
        expect(chanceToHelp(place + 1, own, studio)).toBeLessThanOrEqual(chance);
      }),
    );
  });
});
