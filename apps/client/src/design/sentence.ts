/** A text as a sentence or label begins. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** A text as it stands within a sentence. */
export const within = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
