import { TextDecoder, TextEncoder } from 'node:util';

// Browsers have these; the stand-in for one does not.
globalThis.TextDecoder ??= TextDecoder;
globalThis.TextEncoder ??= TextEncoder;
