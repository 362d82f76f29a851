import { serverCommands } from './instance.mjs';

/** Throws all projections away and makes them anew from the session log. */
await serverCommands(['migrate'], ['rebuild']);
