/** How Debian's Chromium is started headless, as root too, without looking for hosts of its own. */
export const chromiumOptions = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-sync',
    '--no-first-run',
  ],
};
