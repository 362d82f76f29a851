import type { WithdrawPayloads } from '@spalo/core/log';
import { z } from 'zod';
import { same } from '../primitives/same';
import { uuid } from '../primitives/values';

export const withdrawPayloads = {
  'entries.withdrawn': same<WithdrawPayloads['entries.withdrawn']>()(
    z.object({ eventIds: z.array(uuid).min(1).max(50), withdrawn: z.boolean() }),
  ),
};
