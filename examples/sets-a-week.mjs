/**
 * Prints how many working sets each client did in each of the last weeks, from the API and nothing else:
 *
 *   SPALO=http://localhost:4600 TOKEN=spalo_… node examples/sets-a-week.mjs
 */
const base = `${process.env.SPALO ?? 'http://localhost:4600'}/api/v1`;
const token = process.env.TOKEN;
if (!token) throw new Error('Set TOKEN to a token from the settings');
const WEEKS = 4;
const WEEK_MS = 7 * 24 * 3600 * 1000;

/** Asks the API; where it says that this was too often, waits as long as it says. */
async function get(path) {
  const answer = await fetch(base + path, { headers: { Authorization: `Bearer ${token}` } });
  if (answer.status === 429) {
    const seconds = Number(answer.headers.get('Retry-After') ?? 1);
    await new Promise((resolve) => setTimeout(resolve, seconds * 1000));
    return get(path);
  }
  if (!answer.ok) {
    const problem = await answer.json();
    throw new Error(`${problem.title}${problem.detail ? `: ${problem.detail}` : ''}`);
  }
  return answer.json();
}

/** All of a list, page by page. */
async function* all(path, list) {
  for (let after = ''; after !== null;) {
    const page = await get(`${path}?limit=100${after && `&after=${encodeURIComponent(after)}`}`);
    yield* page[list];
    after = page.next;
  }
}

const names = new Map();
for await (const { id, name } of all('/clients', 'clients')) names.set(id, name);
const from = new Date(Date.now() - WEEKS * WEEK_MS).toISOString().slice(0, 10);
const { sets } = await get(`/files/records.json?from=${from}`);
const counts = new Map();
for (const { clientId, kind, day } of sets) {
  if (kind !== 'working') continue;
  const week = Math.floor((Date.now() - Date.parse(day)) / WEEK_MS);
  const row = counts.get(clientId) ?? Array(WEEKS + 1).fill(0);
  row[Math.min(week, WEEKS)] += 1;
  counts.set(clientId, row);
}
console.log(`${'Working sets, this week first'.padEnd(32)} ${'now'.padStart(4)}`);
for (const [id, row] of counts) {
  const weeks = row.slice(0, WEEKS).map((count) => String(count).padStart(4));
  console.log(`${(names.get(id) ?? id).padEnd(32)} ${weeks.join('')}`);
}
