import { existsSync } from 'node:fs';

/** Debian's Chromium without a window of its own, which takes a fifth less time; or the one with, where only that is here. */
export const chromiums = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** How Debian's Chromium is started headless, as root too, without looking for hosts of its own. */
export const chromiumOptions = {
  get executablePath() {
    return chromiums.find((path) => existsSync(path));
  },
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-sync',
    '--no-first-run',
  ],
};
