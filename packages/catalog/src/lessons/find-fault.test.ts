import { faultsFor } from './find-fault';

const first = (text: string, many = 3) =>
  faultsFor(text)
    .slice(0, many)
    .map(({ lift, fault }) => `${lift.id}: ${fault.name}`);
const named = (text: string) => faultsFor(text).map(({ fault }) => fault.name.toLowerCase());

describe('faults by what somebody sees', () => {
  it('are found by the words of a gym, not only by those of the lesson', () => {
    expect(named('knees cave').every((name) => name.includes('knee'))).toBe(true);
    expect(named('knees cave').length).toBeGreaterThan(5);
    expect(first('knees cave back squat', 1)[0]).toMatch(/^back-squat: .*[Kk]nees/);
    expect(first('cannot get deep squat').join()).toMatch(/squat: .*(depth|high|short|half)/i);
    expect(first('bounces off chest bench', 1)[0]).toMatch(/bench.*: Bounces/);
    expect(first('heels come up').join()).toMatch(/[Hh]eels?/);
    expect(named('shrugs').length).toBeGreaterThan(4);
  });

  it('are none for what is no fault, or no word at all', () => {
    expect(faultsFor('')).toEqual([]);
    expect(faultsFor('the in of')).toEqual([]);
    expect(faultsFor('zzyzx')).toEqual([]);
    expect(faultsFor('knees zzyzx')).toEqual([]);
  });
});
