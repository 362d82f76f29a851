import type { CuePayloads } from '@spalo/core';
import { z } from 'zod';
import { same } from '../primitives/same';
import { slug } from '../primitives/values';

export const cuePayloads = {
  'cue.given': same<CuePayloads['cue.given']>()(z.object({ liftId: slug, cueId: slug })),
};
