import { ladderLoops } from './ladder-loops';
import type { Lesson } from '../schema/lesson';

type Rung = Lesson['ladder'][number];
const rung = (liftId: string, place: Rung['place']): Rung => ({
  name: liftId,
  liftId,
  drillId: null,
  place,
  moveOn: 'Ten clean.',
  clean: null,
});
const lesson = (liftId: string, ...others: Rung[]) => ({
  liftId,
  ladder: [...others, rung(liftId, 'this')],
});

describe('ladders, taken together', () => {
  it('lead up and nowhere back, also by several ways', () => {
    const squats = [
      lesson('box', rung('goblet', 'easier'), rung('back', 'harder')),
      lesson('goblet', rung('back', 'harder')),
      lesson('back', rung('box', 'easier'), rung('front', 'harder')),
    ];
    expect(ladderLoops(squats)).toEqual([]);
  });

  it('are named where they lead in a circle, whichever of them says so', () => {
    const harderBoth = [
      lesson('back', rung('front', 'harder')),
      lesson('front', rung('back', 'harder')),
    ];
    expect(ladderLoops(harderBoth)).toEqual([['back', 'front', 'back']]);
    const oneOfThree = [
      lesson('a', rung('b', 'harder')),
      lesson('b', rung('c', 'harder')),
      lesson('a2', rung('b', 'easier')),
      lesson('c', rung('a', 'harder')),
    ];
    expect(ladderLoops(oneOfThree)).toEqual([['a', 'b', 'c', 'a']]);
  });
});
