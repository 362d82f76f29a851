import { spawn } from 'node:child_process';
import { root } from './paths.mjs';

/** Runs a program and answers its exit code; output goes where ours goes unless `stdio` says otherwise. */
export function run(program, args, { stdio = 'inherit', cwd = root, env = {} } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, { cwd, stdio, env: { ...process.env, ...env } });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(signal ? 1 : code));
  });
}

/** Runs a program and throws when it fails. */
export async function must(program, args, options) {
  const code = await run(program, args, options);
  if (code !== 0) throw new Error(`${program} ${args.join(' ')} ended with ${code}`);
}

/** Runs a program and answers what it printed, trimmed; throws when it fails. */
export function output(program, args, { cwd = root } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, { cwd, stdio: ['ignore', 'pipe', 'ignore'] });
    let text = '';
    child.stdout.on('data', (chunk) => (text += chunk));
    child.on('error', reject);
    child.on('close', (code) =>
      code === 0 ? resolve(text.trim()) : reject(new Error(`${program} ended with ${code}`)),
    );
  });
}
