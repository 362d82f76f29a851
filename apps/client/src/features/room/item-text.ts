import { massNumber, massText } from '@spalo/core/unit';
import type { Item, Kind } from './equipment-kinds';

/** What stands first on an item's row, and what is said of it. */
interface ItemText {
  title: string;
  says: string;
}

const texts: { [K in Kind]: (item: Item<K>) => ItemText } = {
  bars: ({ name, massG, unit, kind, sleeveMm, count, fits, handleMm }) => ({
    title: name,
    says: [
      `${massText(massG, unit)}, ${kind}`,
      `sleeve ${sleeveMm} mm`,
      count > 1 ? `${count} of them` : '',
      handleMm.length > 0 ? `handles at ${handleMm.join(' and ')} mm` : '',
      fits ? 'not all plates fit' : '',
    ]
      .filter(Boolean)
      .join(', '),
  }),
  plates: ({ massG, unit, count, diameterMm, thicknessMm }) => ({
    title: massText(massG, unit),
    says: `${count} of them${count % 2 === 1 ? ', one without its pair' : ''}, ${diameterMm} mm across, ${thicknessMm} thick`,
  }),
  dumbbells: ({ massG, unit, count }) => ({
    title: massText(massG, unit),
    says: count === 1 ? 'single' : count === 2 ? 'pair' : `${count}`,
  }),
  kettlebells: ({ massG, unit, count }) => ({
    title: massText(massG, unit),
    says: count === 1 ? 'one' : `${count}`,
  }),
  stacks: ({ name, station, firstG, stepG, count, unit, addOnsG, ratio, assisted }) => ({
    title: name,
    says: [
      `${station}, ${massNumber(firstG, unit)} to ${massText(firstG + stepG * (count - 1), unit)} by ${massNumber(stepG, unit)}`,
      addOnsG.length > 0
        ? `add-ons ${addOnsG.map((grams) => massNumber(grams, unit)).join(', ')}`
        : '',
      ratio === 1 ? '' : `felt × ${ratio}`,
      assisted ? 'takes off body mass' : '',
    ]
      .filter(Boolean)
      .join(', '),
  }),
  machines: ({ name, station, massG, unit, horns }) => ({
    title: name,
    says: `${station}, ${massText(massG, unit)} empty, plates ${horns === 2 ? 'on both sides' : 'on one horn'}`,
  }),
  bands: ({ label, restG, stretchedG }) => ({
    title: label,
    says: `about ${massNumber(restG, 'kg')} to ${massText(stretchedG, 'kg')}`,
  }),
};

export function itemText<K extends Kind>(kind: K, item: Item<K>): ItemText {
  return texts[kind](item);
}
