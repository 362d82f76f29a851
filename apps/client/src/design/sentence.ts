/** A text as a sentence or label begins. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
