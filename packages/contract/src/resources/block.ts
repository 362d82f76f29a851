import { keennesses, type BlockState } from '@spalo/core/block';
import { z } from 'zod';
import { blockShape, place } from '../primitives/block';
import { same } from '../primitives/same';
import { instant, uuid } from '../primitives/values';

/** A block as its log tells it. */
export const block = same<BlockState>()(
  z.object({
    ...blockShape,
    id: uuid,
    startId: uuid,
    clientId: uuid,
    trainerId: uuid,
    startedAt: instant,
    leftOut: z.array(z.object(place)),
    endedAt: instant.nullable(),
    keenness: z.enum(keennesses).optional(),
  }),
);
