import { ownLiftsToJson, readOwnLiftsFile } from './own-lifts';

const lift = {
  liftId: 'own-heels',
  added: { name: 'Goblet squat, heels up', like: 'goblet-squat' },
  styles: [],
  checkpoints: [],
  cues: [
    {
      id: 'own-cue',
      styleIds: ['chest-held'],
      checkpointId: 'gq-bell',
      phase: 'set-up' as const,
      text: 'Heels heavy',
      kind: 'outside' as const,
    },
  ],
  hidden: ['gq-pry'],
};

describe('the studio’s own as a file', () => {
  it('comes back as it went out', () => {
    expect(readOwnLiftsFile(ownLiftsToJson([lift]))).toEqual({ lifts: [lift] });
  });

  it.each([
    ['not JSON', '{', /Not a JSON file/],
    ['another format', '{"format":"spalo-room","version":1,"lifts":[]}', /format|spalo-own-lifts/],
    [
      'a cue without words',
      ownLiftsToJson([{ ...lift, cues: [{ ...lift.cues[0]!, text: '' }] }]),
      /Fill this in/,
    ],
  ])('says what is wrong with %s, and brings nothing in', (_what, content, said) => {
    const file = readOwnLiftsFile(content);
    expect('problems' in file && JSON.stringify(file.problems)).toMatch(said);
  });
});
