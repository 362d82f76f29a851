/** Reserve said as "4 or more": a lower bound, not a number. */
export const OPEN_RESERVE = 4;
