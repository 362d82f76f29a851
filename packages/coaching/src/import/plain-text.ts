/** A text in small letters without marks. */
export const plainText = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll('ß', 'ss')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');
