import { keennesses, type BlockPayloads } from '@spalo/core/block';
import { z } from 'zod';
import { ask, blockLift, blockPlan, place } from '../primitives/block';
import { same } from '../primitives/same';
import { line, slug, uuid } from '../primitives/values';
import { withdrawPayloads } from './withdraw';

/** The payload schema of every event of a block. */
export const blockPayloads: { [T in keyof BlockPayloads]: z.ZodType<BlockPayloads[T]> } = {
  'block.started': same<BlockPayloads['block.started']>()(
    z.object({ clientId: uuid, plan: blockPlan }),
  ),
  'block.named': same<BlockPayloads['block.named']>()(z.object({ name: line(60) })),
  'block.asked': same<BlockPayloads['block.asked']>()(
    z.object({ liftId: slug, ...place, ask: ask.nullable() }),
  ),
  'block.lift-planned': same<BlockPayloads['block.lift-planned']>()(z.object({ lift: blockLift })),
  'block.lift-left-out': same<BlockPayloads['block.lift-left-out']>()(z.object({ liftId: slug })),
  'block.day-left-out': same<BlockPayloads['block.day-left-out']>()(
    z.object({ ...place, leftOut: z.boolean() }),
  ),
  'block.keenness-told': same<BlockPayloads['block.keenness-told']>()(
    z.object({ keenness: z.enum(keennesses) }),
  ),
  'block.ended': same<BlockPayloads['block.ended']>()(z.object({ ended: z.boolean() })),
  ...withdrawPayloads,
};
