import type { WrittenOrder } from '@spalo/core/unit';

/** Whether this device's owner writes the day or the month first. */
export const dayOrder: WrittenOrder = (() => {
  const parts = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'numeric' })
    .formatToParts(0)
    .map(({ type }) => type);
  return parts.indexOf('month') < parts.indexOf('day') ? 'month first' : 'day first';
})();
