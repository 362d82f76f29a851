const { readdirSync, readFileSync } = require('node:fs');
const path = require('node:path');

const packages = path.join(__dirname, '..', 'packages');
const escaped = (text) => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

/** Where each face of each package lies, as Jest maps names: read from the packages, so that a new face is known at once. */
module.exports = Object.fromEntries(
  readdirSync(packages).flatMap((folder) => {
    const at = path.join(packages, folder);
    const { name, exports } = JSON.parse(readFileSync(path.join(at, 'package.json'), 'utf8'));
    return Object.entries(exports).map(([face, file]) => [
      `^${escaped(path.posix.join(name, face))}$`,
      path.join(at, file),
    ]);
  }),
);
