import { serverCommands } from './instance.mjs';

/** Makes a link for a trainer who cannot get in, where no owner can: `npm run owner-link -- e-mail`. */
await serverCommands(['link', process.argv[2] ?? '']);
