import fc from 'fast-check';
import { writtenDay } from './written-day';

const two = (part: number) => String(part).padStart(2, '0');
const SHORT = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

describe('a day that is typed', () => {
  it.each([
    ['2026-11-24', '2026-11-24'],
    ['19910504', '1991-05-04'],
    ['4 May 1991', '1991-05-04'],
    ['may 4, 1991', '1991-05-04'],
    ['4.5.1991', '1991-05-04'],
    ['04/05/1991', '1991-05-04'],
    ['31.2.1991', null],
    ['4.5.', null],
    ['1.12.', null],
    ['', null],
    ['soon', null],
    ['4/1991', null],
    ['1899-12-31', null],
  ])('%s is %s', (text, day) => {
    expect(writtenDay(text, 'day first')).toBe(day);
  });

  it('goes by the order of whoever types only where slashes leave it open', () => {
    expect(writtenDay('5/4/1991', 'month first')).toBe('1991-05-04');
    expect(writtenDay('4.5.1991', 'month first')).toBe('1991-05-04');
    expect(writtenDay('1991-05-04', 'month first')).toBe('1991-05-04');
  });

  it('takes a short year for the last one that has been', () => {
    expect(writtenDay('4.5.91', 'day first', '2026-11-24')).toBe('1991-05-04');
    expect(writtenDay('4 May 19', 'day first', '2026-11-24')).toBe('2019-05-04');
  });

  it('reads every day of a century in each way of writing it', () => {
    const days = fc.date({
      min: new Date('1930-01-01'),
      max: new Date('2030-12-31'),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(days, (date) => {
        const [y, m, d] = [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()];
        const day = `${y}-${two(m)}-${two(d)}`;
        const ways = [day, `${y}${two(m)}${two(d)}`, `${d} ${SHORT[m - 1]} ${y}`, `${d}.${m}.${y}`];
        for (const way of ways) expect(writtenDay(way, 'month first')).toBe(day);
        expect(writtenDay(`${d}/${m}/${y}`, 'day first')).toBe(day);
        expect(writtenDay(`${m}/${d}/${y}`, 'month first')).toBe(day);
      }),
    );
  });
});
