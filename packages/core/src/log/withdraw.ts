import type { LogEvent } from './event';

/** Takes entries of a log back, whatever they were; `withdrawn: false` lets them stand again. */
export interface WithdrawPayloads {
  'entries.withdrawn': { eventIds: string[]; withdrawn: boolean };
}

type Withdrawal = LogEvent & {
  type: 'entries.withdrawn';
  payload: WithdrawPayloads['entries.withdrawn'];
};

const isWithdrawal = (event: LogEvent): event is Withdrawal => event.type === 'entries.withdrawn';

/**
 * The entries of an ordered log that stand: all but those that were taken back, as whoever spoke of them last says. What
 * was taken back stays in the log. A withdrawal itself is not withdrawn; its entries are let stand again.
 */
export function standingLog(log: readonly LogEvent[]): readonly LogEvent[] {
  const gone = new Set<string>();
  for (const { payload } of log.filter(isWithdrawal)) {
    for (const id of payload.eventIds) {
      if (payload.withdrawn) gone.add(id);
      else gone.delete(id);
    }
  }
  return gone.size === 0 ? log : log.filter(({ id }) => !gone.has(id));
}
