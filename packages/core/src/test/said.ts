import { whyText, type StoredWhy } from '../words/why';

/** A reason as somebody reads it who lifts kilograms. */
export const said = (why: StoredWhy): string => whyText(why, 'kg');
