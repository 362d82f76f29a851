import { liftById } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import { useState } from 'react';
import type { Limit, RangeId } from '@spalo/core/person';
import { closedText, type StoredWhy } from '@spalo/core/words';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body } from '../../design/Words';
import { attempt } from '../../state/problems';
import { openLimit } from './change-client';

/** What is closed, and why. */
export interface Closed {
  liftId: string;
  range: RangeId | null;
  why: StoredWhy;
  overridable: boolean;
  /** The flag or caution that an opening would answer. */
  from?: Limit['from'];
}

/** Why something is closed; the trainer opens it with a reason, which is kept, where that is allowed. */
export function OverrideSheet({
  client,
  closed,
  trainerId,
  onClose,
}: {
  client: Client;
  closed: Closed;
  trainerId: string;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  const [tried, setTried] = useState(false);
  const what = `${liftById(closed.liftId).name}${closed.range ? `, ${closed.range.replace('-', '–')} reps` : ''}`;
  const open = () => {
    setTried(true);
    if (!reason.trim()) return;
    const { liftId, range, from } = closed;
    const answer = { liftId, range, ...from, reason: reason.trim(), by: trainerId };
    attempt(() => openLimit(client, answer));
    onClose();
  };
  return (
    <Sheet title={`${what} is closed`} open onClose={onClose}>
      <Banner kind="stop" title={`${closedText(closed.why)}.`} />
      {closed.overridable ? (
        <>
          <Body>
            You can open it for this client, against this alone: something new closes it again. The
            reason is kept with your name and the day.
          </Body>
          <TextField
            label="Reason"
            value={reason}
            onChange={setReason}
            max={200}
            problem={tried && !reason.trim() ? 'A reason is needed' : null}
          />
          <Button kind="main" label="Open it" onPress={open} />
        </>
      ) : (
        <Body>Time or a clinician’s clearance opens it; the trainer cannot.</Body>
      )}
    </Sheet>
  );
}
