import type { Style } from '@spalo/catalog';
import type { Clip, LoggedSet } from '@spalo/core/session';
import { clipTypeOf, tooLong, wrongWith } from './add-clip';
import { suggestedMarks, withMark } from './film-signs';

describe('a file that is to be a clip', () => {
  it('is known by its type, or by its name where it has none', () => {
    expect(clipTypeOf({ type: 'video/webm;codecs=vp9', name: 'x' })).toBe('video/webm');
    expect(clipTypeOf({ type: '', name: 'Set 3.MOV' })).toBe('video/quicktime');
    expect(clipTypeOf({ type: 'image/png', name: 'x.png' })).toBeNull();
  });

  it('is refused in words where it is empty, too large, too long, or no film', () => {
    const file = { type: 'video/mp4', name: 'x.mp4', size: 10 };
    expect(wrongWith(file)).toBeNull();
    expect(wrongWith({ ...file, size: 0 })).toBe('This file is empty');
    expect(wrongWith({ ...file, size: 230_000_000 })).toMatch(/230 MB; at most 100 MB/);
    expect(wrongWith({ ...file, type: 'text/plain', name: 'x.txt' })).toMatch(/no film/);
    expect(tooLong(60_000)).toBeNull();
    expect(tooLong(400_000)).toMatch(/400 seconds; at most 180/);
  });
});

const set: LoggedSet = {
  id: 'set',
  at: '2026-11-24T10:00:00.000Z',
  author: 'a',
  step: 0,
  kind: 'working',
  proposed: { loadG: 60_000, reps: 5 },
  loadG: 60_000,
  reps: 5,
  cleanReps: 5,
  marks: [],
  rir: 2,
  corrections: [],
  voided: false,
  representative: true,
};

describe('a mark that is taken from a film', () => {
  it('makes its rep one that was not clean, once', () => {
    const once = withMark(set, { rep: 3, faultId: 'bar-drifts' });
    expect(once).toMatchObject({ cleanReps: 4, marks: [{ rep: 3, faultId: 'bar-drifts' }] });
    expect(withMark({ ...set, ...once }, { rep: 3, faultId: 'bar-drifts' })).toEqual(once);
    const other = withMark({ ...set, ...once }, { rep: 3, faultId: 'short-depth' });
    expect(other).toMatchObject({ cleanReps: 4 });
    expect(other.marks).toHaveLength(2);
  });
});

describe('what a film suggests', () => {
  const fault = (id: string, film: string) => ({ id, name: id, film });
  const style = { faults: [fault('drifts', 'forward at the bottom')] } as unknown as Style;
  // Three reps of two seconds; the third lands 12 cm forward.
  const t = Array.from({ length: 240 }, (_each, at) => at * 25);
  const share = (ms: number) => (1 - Math.cos((Math.PI * ms) / 1000)) / 2;
  const path = {
    t,
    x: t.map((ms) => Math.round((ms > 4000 ? 120 : 0) * share(ms))),
    y: t.map((ms) => Math.round(1400 - 500 * share(ms))),
  };
  const clip: Pick<Clip, 'followed' | 'answers'> = {
    followed: {
      way: 'down first',
      view: { mmPerPixel: 4, facing: 'right', plumbX: 180, floorY: 600 },
      path,
      hidden: [],
      lostMs: null,
    },
    answers: [],
  };

  it('is a mark of the style’s own fault, and no mark where the style has none', () => {
    const marks = suggestedMarks(clip, style);
    expect(marks).toEqual([
      expect.objectContaining({ rep: 3, fault: { id: 'drifts', name: 'drifts' }, taken: null }),
    ]);
    expect(suggestedMarks(clip, undefined)[0]?.fault).toBeNull();
  });

  it('says what the trainer answered', () => {
    const answers = [{ sign: 'forward at the bottom' as const, rep: 3, taken: false }];
    expect(suggestedMarks({ ...clip, answers }, style)[0]?.taken).toBe(false);
  });

  it('is nothing where the bar was not followed', () => {
    expect(suggestedMarks({ followed: null, answers: [] }, style)).toEqual([]);
  });
});
