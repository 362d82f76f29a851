import type { IconName } from '../design/Icon';

/** The places of the product, in the order of the work. `key` is the desk shortcut after `g`. */
export const places = [
  { path: '/day', label: 'Day', icon: 'day', key: 'd' },
  { path: '/floor', label: 'Floor', icon: 'floor', key: 'f' },
  { path: '/clients', label: 'Clients', icon: 'clients', key: 'c' },
  { path: '/lifts', label: 'Lifts', icon: 'lifts', key: 'l' },
  { path: '/room', label: 'Room', icon: 'room', key: 'r' },
] as const satisfies readonly { path: string; label: string; icon: IconName; key: string }[];
