import { stylesOf } from '@spalo/catalog';
import type { Flag } from '@spalo/core/person';
import { somebody } from '../practice/somebody.test-help';
import { suggestStyle, type StyleClient } from './suggest-style';

const client: StyleClient = {
  ...somebody,
  sex: 'unsaid',
  trainingMonths: 24,
  stiff: [],
  squatLook: null,
  heightMm: 1750,
  segments: null,
};
const sore = (place: Flag['place']): Flag => ({
  id: 'flag',
  place,
  side: 'left',
  note: '',
  fine: '',
  since: null,
  saidBy: '',
  state: 'new',
  usualPain: 2,
});
const suggested = (liftId: string, change: Partial<StyleClient> = {}) =>
  suggestStyle(liftId, { ...client, ...change })?.style.id;

describe('which style', () => {
  it.each<[string, Partial<StyleClient>, string]>([
    ['back-squat', {}, 'high-bar'],
    ['back-squat', { squatLook: 'hips back' }, 'low-bar'],
    ['back-squat', { squatLook: 'hips back', flags: [sore('shoulder')] }, 'high-bar'],
    ['back-squat', { stiff: ['ankle bend'] }, 'low-bar'],
    [
      'back-squat',
      { segments: { thighMm: 480, shinMm: 430, trunkMm: 500, armMm: 600 } },
      'low-bar',
    ],
    ['bench-press', { flags: [sore('low back')] }, 'feet-up'],
    ['deadlift', { stiff: ['hamstrings'] }, 'from-blocks'],
    ['deadlift', { flags: [sore('knee')] }, 'hinge-first'],
    ['hip-thrust', { trainingMonths: 1 }, 'machine'],
    ['goblet-squat', {}, 'chest-held'],
  ])('%s, %o: %s', (liftId, change, styleId) => {
    expect(suggested(liftId, change)).toBe(styleId);
    expect(stylesOf(liftId).map(({ id }) => id)).toContain(styleId);
  });
  it('says why, and nothing of a lift that there is not', () => {
    expect(suggestStyle('back-squat', { ...client, squatLook: 'hips back' })?.why).toMatch(
      /hips go/,
    );
    expect(suggestStyle('juggling', client)).toBeNull();
  });
});
