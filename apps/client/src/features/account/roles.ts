/** What a trainer may do: owners also invite, change and remove trainers. */
export const roles = [
  { value: 'trainer', label: 'Trainer' },
  { value: 'owner', label: 'Owner' },
] as const;
