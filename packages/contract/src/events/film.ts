import { facings, filmSigns, ways } from '@spalo/core/film/names';
import {
  clipTypes,
  MOST_CLIP_BYTES,
  MOST_CLIP_MS,
  MOST_POINTS,
  type FilmPayloads,
  type StoredPath,
} from '@spalo/core/session';
import { z } from 'zod';
import { same } from '../primitives/same';
import { repCount, slug, text, uuid } from '../primitives/values';

/** A moment of a clip, ms: an hour is more than any set takes. */
const moment = z.int().min(0).max(3_600_000);
/** A place of a picture, pixels; what is drawn may stand a little outside. */
const pixels = z.number().min(-20_000).max(20_000);
const side = z.int().min(16).max(16_384);
const numbers = z.array(z.int().min(-100_000).max(3_600_000)).max(MOST_POINTS);

const path = same<StoredPath>()(
  z
    .object({ t: numbers, x: numbers, y: numbers })
    .refine(
      ({ t, x, y }) => t.length === x.length && t.length === y.length,
      'A path has as many times as places',
    ),
);

const MOST_STILL_BYTES = 2_000_000;

export const filmPayloads = {
  'clip.filmed': same<FilmPayloads['clip.filmed']>()(
    z.object({
      clipId: uuid,
      setId: uuid,
      type: z.enum(clipTypes),
      bytes: z.int().min(1).max(MOST_CLIP_BYTES),
      ms: z.int().min(1).max(MOST_CLIP_MS),
      width: side,
      height: side,
    }),
  ),
  'clip.followed': same<FilmPayloads['clip.followed']>()(
    z.object({
      clipId: uuid,
      way: z.enum(ways),
      view: z.object({
        mmPerPixel: z.number().min(0.01).max(1000),
        facing: z.enum(facings),
        plumbX: pixels,
        floorY: pixels,
      }),
      path,
      hidden: z.array(z.object({ from: moment, to: moment })).max(200),
      lostMs: moment.nullable(),
    }),
  ),
  'sign.answered': same<FilmPayloads['sign.answered']>()(
    z.object({
      clipId: uuid,
      sign: z.enum(filmSigns),
      rep: repCount.min(1),
      taken: z.boolean(),
    }),
  ),
  'still.kept': same<FilmPayloads['still.kept']>()(
    z.object({
      stillId: uuid,
      clipId: uuid,
      ms: moment,
      text: text(200),
      bytes: z.int().min(1).max(MOST_STILL_BYTES),
    }),
  ),
  'review.written': same<FilmPayloads['review.written']>()(
    z.object({ liftId: slug, good: text(300), keepOn: text(300), change: text(300) }),
  ),
};
