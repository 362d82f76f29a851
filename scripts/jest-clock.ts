import { setClock } from '@spalo/core/unit';

/** Unit tests have a day and an hour of their own, whatever the machine's. */
setClock('2026-11-24T10:00:00.000Z');
