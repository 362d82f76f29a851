import { stillToAsk } from './still-to-ask';

const quick = {
  goal: '',
  emergencyContact: '',
  phone: '',
  email: '',
  heightMm: null,
  reports: [],
  trainingMonths: 0,
  history: { lastSessionAt: null },
};

describe('what is still to ask', () => {
  it('is all that three fields leave out, before the first session', () => {
    expect(stillToAsk(quick)).toEqual([
      'goal',
      'whom to call in an emergency',
      'phone or e-mail',
      'height',
    ]);
    expect(stillToAsk({ ...quick, trainingMonths: 18 })).toContain('loads of before');
  });

  it('asks nothing twice', () => {
    expect(
      stillToAsk({ ...quick, goal: 'A pull-up', email: 'a@b.example', heightMm: 1700 }),
    ).toEqual(['whom to call in an emergency']);
  });

  it('is quiet once a session is behind them', () => {
    const trained = { lastSessionAt: '2026-11-20T10:00:00.000Z' };
    expect(stillToAsk({ ...quick, history: trained })).toEqual([]);
  });
});
