import type { Template } from '@spalo/contract';
import type { Entry } from '../log/journal-store';
import { changesAmong, laidOver, type Overlays } from './overlays';

const templateOverlays: Overlays<Template, 'putTemplate' | 'deleteTemplate'> = {
  putTemplate(templates, { params: { id }, body }) {
    templates.set(id, { ...body, id });
  },
  deleteTemplate(templates, { params: { id } }) {
    templates.delete(id);
  },
};

/** Sessions and blocks that the studio keeps, with what this device has changed and not yet sent, by name. */
export const overlayTemplates = (
  served: readonly Template[],
  waiting: readonly Entry[],
): Template[] =>
  [...laidOver(served, changesAmong(waiting), templateOverlays).values()].sort((a, b) =>
    a.name + a.id < b.name + b.id ? -1 : 1,
  );
