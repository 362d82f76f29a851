/** Keys of the floor, each the `aria-keyshortcuts` of the button that it presses in the chosen lane. */
export const floorKeys = [
  { key: 'l', label: 'Log the set' },
  { key: 't', label: 'To the set, and back to its load' },
  { key: 'c', label: 'Count reps; once counting, a rep is done' },
  { key: 'm', label: 'While counting: not clean, or clean after all' },
  { key: 'p', label: 'Pain' },
  { key: 'u', label: 'Undo' },
  { key: 'n', label: 'Next lane' },
] as const;
