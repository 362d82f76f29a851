import type { TurnedDown } from '@spalo/core/person';

/** What a lighter week or a time away is called: "Away: holiday", "Lighter week: exams". */
export const lessText = ({ away, reason }: Pick<TurnedDown, 'away' | 'reason'>): string =>
  `${away ? 'Away' : 'Lighter week'}: ${reason}`;
