import type { OwnLift } from '@spalo/core/technique';
import { nothingOwn, placed, withHidden, withoutOwn } from './change-own-lift';

jest.mock('../../../state/device', () => ({ journal: {} }));

const point = (id: string, styleId = 'chest-held') => ({
  id,
  styleId,
  phase: 'set-up' as const,
  look: id,
  from: 'side' as const,
  right: 'right',
  why: '',
});
const cue = (id: string, checkpointId: string, ...styleIds: string[]) => ({
  id,
  styleIds: styleIds.length > 0 ? styleIds : ['chest-held', 'heels'],
  checkpointId,
  phase: 'set-up' as const,
  text: id,
  kind: 'outside' as const,
});
const own: OwnLift = {
  ...nothingOwn('goblet-squat'),
  styles: [{ id: 'heels', from: 'chest-held', name: 'Heels', suits: '', standard: 'right' }],
  checkpoints: [point('wedge', 'heels'), point('eyes')],
  cues: [cue('push', 'wedge'), cue('look', 'eyes'), cue('only', 'gs-bell', 'heels')],
};

describe('what a studio teaches of its own', () => {
  it('loses a cue alone, a point with its cues, a style with all that is only in it', () => {
    expect(withoutOwn(own, 'look').cues.map(({ id }) => id)).toEqual(['push', 'only']);
    expect(withoutOwn(own, 'eyes')).toMatchObject({
      checkpoints: [{ id: 'wedge' }],
      cues: [{ id: 'push' }, { id: 'only' }],
    });
    expect(withoutOwn(own, 'heels')).toMatchObject({ styles: [], checkpoints: [{ id: 'eyes' }] });
    expect(withoutOwn(own, 'heels').cues.map(({ id }) => id)).not.toContain('only');
  });

  it('hides and shows again, and puts a change in its place', () => {
    const hidden = withHidden(own, 'gs-elbows');
    expect(hidden.hidden).toEqual(['gs-elbows']);
    expect(withHidden(hidden, 'gs-elbows').hidden).toEqual([]);
    expect(placed(own.cues, { ...own.cues[0]!, text: 'new' })[0]!.text).toBe('new');
    expect(placed(own.cues, cue('more', 'eyes'))).toHaveLength(4);
  });
});
