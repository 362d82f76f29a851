import type { BlockPlan } from '@spalo/core/block';
import type { SessionLift } from '@spalo/core/planning';
import { z } from 'zod';
import { blockPlan } from '../primitives/block';
import { line, uuid } from '../primitives/values';
import { sessionLifts } from './booking';

/** A session or a block that the studio keeps for other clients. Its loads come from who does it. */
export const templateFacts = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('session'), name: line(60), lifts: sessionLifts }),
  z.object({ kind: z.literal('block'), name: line(60), plan: blockPlan }),
]);

export const template = z.intersection(templateFacts, z.object({ id: uuid }));

export type TemplateFacts =
  | { kind: 'session'; name: string; lifts: SessionLift[] }
  | { kind: 'block'; name: string; plan: BlockPlan };
export type Template = TemplateFacts & { id: string };
