import type { NotePayloads } from '@spalo/core/session';
import { z } from 'zod';
import { same } from '../primitives/same';
import { line, slug } from '../primitives/values';

export const notePayloads = {
  'note.added': same<NotePayloads['note.added']>()(
    z.object({ liftId: slug.nullable(), text: line(500) }),
  ),
};
