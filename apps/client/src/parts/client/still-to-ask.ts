import type { Client } from '@spalo/contract';

/** Clients who say that they have trained so long have loads to tell of. */
const HAS_LIFTED_MONTHS = 3;

/** What a first talk may have left out, in words and in the order to ask it; nothing once a session is behind them. */
export function stillToAsk(
  client: Pick<
    Client,
    'goal' | 'emergencyContact' | 'phone' | 'email' | 'heightMm' | 'reports' | 'trainingMonths'
  > & { history: { lastSessionAt: string | null } },
): string[] {
  if (client.history.lastSessionAt !== null) return [];
  const lifted = client.trainingMonths >= HAS_LIFTED_MONTHS && client.reports.length === 0;
  return [
    ...(client.goal === '' ? ['goal'] : []),
    ...(lifted ? ['loads of before'] : []),
    ...(client.emergencyContact === '' ? ['whom to call in an emergency'] : []),
    ...(client.phone === '' && client.email === '' ? ['phone or e-mail'] : []),
    ...(client.heightMm === null ? ['height'] : []),
  ];
}
