import { readFileSync } from 'node:fs';
import type { Download, Page } from '@playwright/test';
import {
  dayCell,
  numberCell,
  rowOf,
  textCell,
  workbook,
} from '../packages/coaching/src/import/workbook.test-help';
import pg from 'pg';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import {
  expect,
  expectAccessible,
  changeClient,
  expectNoOverflow,
  openDemo,
  Spalo,
  test,
  untilOffline,
  openTab,
} from './spalo';

test.use({ scene: 'records', serviceWorkers: 'allow' });

const WHO = 'Runa Hallvard-Iyer';
const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' });

async function idOf(page: Page, name: string): Promise<string> {
  const { clients } = (await (await page.request.get('/api/v1/clients')).json()) as {
    clients: { id: string; name: string }[];
  };
  return clients.find((each) => each.name === name)!.id;
}

/** What a press of a button brings as a file. */
async function fileOf(page: Page, press: () => Promise<void>): Promise<Download> {
  const [download] = await Promise.all([page.waitForEvent('download'), press()]);
  return download;
}
const bytesOf = async (download: Download) => readFileSync(await download.path());

/** A PDF as a reader sees it: its text, its language and title, whether it is tagged, and what of it is called a figure. */
async function readPdf(bytes: Buffer) {
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const texts: string[] = [];
  const roles: string[] = [];
  const alts: string[] = [];
  const walk = (node: { role?: string; alt?: string; children?: unknown[] }) => {
    if (node.role) roles.push(node.role);
    if (node.alt) alts.push(node.alt);
    for (const child of node.children ?? []) walk(child as never);
  };
  for (let at = 1; at <= pdf.numPages; at += 1) {
    const page = await pdf.getPage(at);
    const { items } = await page.getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
    const tree = await page.getStructTree();
    if (tree) walk(tree as never);
  }
  const { info, metadata } = await pdf.getMetadata();
  const title = String(metadata?.get('dc:title') ?? '');
  return {
    title,
    text: texts.join(' ').replace(/\s+/g, ' '),
    pages: pdf.numPages,
    info,
    roles,
    alts,
  };
}

/** Chooses a file of sets, and waits until it is read. */
async function chooseSets(
  page: Page,
  name: string,
  rows: readonly (readonly string[])[],
  by = ',',
) {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    button(page, /^(Choose a file|Another file)$/).click(),
  ]);
  const buffer = Buffer.from(rows.map((row) => row.join(by)).join('\n'));
  await chooser.setFiles({ name, mimeType: 'text/csv', buffer });
  await expect(page.getByRole('region', { name: 'How it is read' })).toBeVisible();
}

test('a client takes a page home: made without network, read back from the PDF, in usual and large print', async ({
  page,
  context,
}) => {
  await openDemo(page);
  const id = await idOf(page, WHO);
  await page.goto(`/clients/${id}`);
  await openTab(page, 'Progress');
  await button(page, `What ${WHO} takes home`).click();
  const paper = page.getByRole('region', { name: 'The page' });
  await expect(paper.getByText('What you did')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await untilOffline(page);
  await context.setOffline(true);

  await page.getByRole('textbox', { name: 'A line of your own' }).fill('Stairs, not the lift');
  const usual = await readPdf(
    await bytesOf(await fileOf(page, () => button(page, 'Save PDF').click())),
  );
  const lines = await paper.getByText(/: .* (reps|sets?) (of|with) /).allTextContents();
  expect(lines.length).toBeGreaterThan(3);
  for (const line of lines) expect(usual.text).toContain(line.replace(/\s+/g, ' '));
  for (const words of ['Runa', 'Focus on', 'Until next time', 'Stairs, not the lift', 'Next']) {
    expect(usual.text).toContain(words);
  }
  expect(usual.pages).toBe(1);
  expect(usual.info).toMatchObject({ Language: 'en' });
  expect(usual.roles).toEqual(
    expect.arrayContaining(['Document', 'H1', 'H2', 'L', 'LI', 'Figure']),
  );
  expect(usual.alts.join()).toMatch(/squat/i);
  // Of nobody else, and of no health question.
  expect(usual.text).not.toMatch(/Teodor|Oluchi|screening|clearance/i);

  await page.getByRole('radio', { name: 'Large print' }).click();
  const large = await readPdf(
    await bytesOf(await fileOf(page, () => button(page, 'Save PDF').click())),
  );
  for (const line of lines) expect(large.text).toContain(line.replace(/\s+/g, ' '));
  expect(large.pages).toBeGreaterThan(1);
  await context.setOffline(false);
});

/** Forty names of twelve scripts and more, as they are written. */
const NAMES = [
  [
    'Łukasz Żółć',
    'Þórdís Æsa',
    'Nguyễn Thị Hường',
    'Čedomir Đurić',
    'Ștefan Țăran',
    'Ğülşen Iğdır',
  ],
  ['Спортзал', 'Юлія Їжак', 'Ђорђе Љубић', 'Ѓорѓи Ќосев', 'Өнөр Қайрат', 'Алёна Щукина'],
  [
    'Νίκη Ψαρά',
    'Ἀχιλλεύς',
    'Όλγα Ώρα',
    'Արամ Խաչատրյան',
    'Նարե Ծովինար',
    'გიორგი ჯაფარიძე',
    'ნინო ღვინო',
  ],
  ['שלום', 'עולם', 'רחל', 'אברהם', 'سارة', 'علی', 'محمد', 'پریسا', 'ژاله', 'گلناز'],
  [
    'Ødegård',
    'ⴰⵎⴰⵣⵉⵖ',
    'ສົມພອນ',
    'ᐃᓄᒃᑎᑐᑦ',
    'ߒߞߏ',
    'Ꙗрославъ',
    '₵edi',
    'Ƙarima Ɗan',
    'Ọlá Ẹniọlá',
    'Ŋaari',
    'Ħal-Għaxaq',
  ],
];

test('names of many scripts stand on the page; letters that no font has are said first', async ({
  page,
}) => {
  await openDemo(page);
  const id = await changeClient(page, 'Oluchi Venn', { calledName: 'Olu & <Ọlá>' });
  await page.goto(`/clients/${id}`);
  await openTab(page, 'Progress');
  await button(page, /takes home$/).click();
  await expect(page.getByRole('region', { name: 'The page' })).toBeVisible();
  const line = page.getByRole('textbox', { name: 'A line of your own' });
  const save = () => button(page, 'Save PDF').click();
  for (const names of NAMES) {
    await line.fill(names.join(' · '));
    const { text, title } = await readPdf(await bytesOf(await fileOf(page, save)));
    const told = text.normalize('NFKC');
    for (const name of names) {
      for (const word of name.split(' ')) {
        // Read from right to left, or as it lies on paper: both are the name.
        const turned = [...word].reverse().join('');
        expect([told.includes(word.normalize('NFKC')), told.includes(turned), word]).toContain(
          true,
        );
      }
    }
    expect(title).toContain('Olu & <Ọlá>');
  }
  await line.fill('力量 Ada 💪');
  await save();
  await expect(page.getByText('Paper has no letters for 力 量 💪')).toBeVisible();
  const { text } = await readPdf(await bytesOf(await fileOf(page, save)));
  expect(text).toContain('□□ Ada □');
});

test('sets come in from a spreadsheet with two corrections, twice adds nothing, one import is taken back as one; a broken one takes nothing', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/settings?part=records');
  await button(page, 'Sets from a spreadsheet').click();

  // Broken: each row's fault, and nothing can be brought in.
  await chooseSets(page, 'broken.csv', [
    ['Date', 'Exercise', 'kg', 'reps'],
    ['2025-02-30', 'Squat', '60', '8'],
    ['2025-02-03', 'Squat', 'heavy', '8'],
    ['2025-02-03', 'Squat', '60', '8'],
  ]);
  await expect(page.getByText('“2025-02-30” is no day')).toBeVisible();
  await expect(page.getByText('“heavy” is no load')).toBeVisible();
  await expect(page.getByText('Nothing is brought in while 2 rows have faults')).toBeVisible();
  await expect(button(page, 'Check before importing')).toBeDisabled();
  await expectAccessible(page);
  await expectNoOverflow(page);

  // Pounds with commas and the month first, a file that says neither: two corrections.
  const days = ['05/03/2025', '05/05/2025', '05/07/2025', '05/09/2025'];
  const log = [
    ['Session date', 'Client', 'Lift', 'Load', 'Repetitions'],
    ...days.flatMap((day) => [
      [day, WHO, 'Squats', '132,5', '8'],
      [day, WHO, 'DB Bench', '30', '10'],
    ]),
  ];
  await chooseSets(page, 'years.csv', log, ';');
  await expect(page.getByText('The file does not say.')).toBeVisible();
  await page.getByRole('radio', { name: 'Pounds' }).click();
  await page.getByRole('radio', { name: 'Month, day, year' }).click();
  await expect(
    page.getByText('Sat 3 May', { exact: false }).or(page.getByText('3 May 2025')).first(),
  ).toBeVisible();
  await expect(button(page, 'Squats is Back squat')).toBeVisible();
  await expect(button(page, 'DB Bench is Dumbbell bench press')).toBeVisible();
  await button(page, 'Check before importing').click();
  await button(page, 'Bring in 8 sets').click();
  await expect(page.getByText('years.csv')).toBeVisible();

  const id = await idOf(page, WHO);
  const kept = async () =>
    (
      (await (await page.request.get(`/api/v1/clients/${id}/imported-sets`)).json()) as {
        sets: { day: string; loadG: number; liftId: string }[];
      }
    ).sets;
  expect(await kept()).toHaveLength(8);
  expect((await kept())[0]).toMatchObject({ day: '2025-05-03' });
  expect((await kept()).map(({ loadG }) => loadG)).toContain(60_101);

  // The same file again: read as it was, and nothing is new.
  await button(page, 'Sets from a spreadsheet').click();
  await chooseSets(page, 'years.csv', log, ';');
  await expect(page.getByRole('radio', { name: 'Pounds' })).toBeChecked();
  await button(page, 'Check before importing').click();
  await expect(page.getByText('0 new; 8 are here already')).toBeVisible();
  await expect(button(page, 'Nothing is new')).toBeDisabled();

  await button(page, 'Back to the settings').click();
  await button(page, 'Take years.csv back').click();
  await button(page, 'Take 8 sets back').click();
  await expect(page.getByText('years.csv')).toHaveCount(0);
  expect(await kept()).toHaveLength(0);
});

test('a workbook is read as it is: the sheet with the sets, other languages, two loads of which one was asked, and what is no table', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/settings?part=records');
  await button(page, 'Sets from a spreadsheet').click();
  const choose = async (name: string, buffer: Buffer) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      button(page, /^(Choose a file|Another file)$/).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'application/octet-stream', buffer });
  };
  await choose('scan.pdf', Buffer.from('%PDF-1.7'));
  await expect(page.getByText(/^This is a PDF/)).toBeVisible();

  const heads = ['Datum', 'Übung', 'Soll kg', 'Ist kg', 'Ist kg (2)', 'Wdh'];
  const row = (at: number, load: number) =>
    rowOf(
      at,
      dayCell(`A${at}`, 45_700 + at),
      textCell(`B${at}`, at % 2 === 0 ? 'Kniebeuge' : 'Bankdrücken'),
      numberCell(`C${at}`, 90),
      numberCell(`D${at}`, load),
      numberCell(`E${at}`, load),
      numberCell(`F${at}`, 8),
    );
  const log = [
    rowOf(1, ...heads.map((head, at) => textCell(`${'ABCDEF'[at]}1`, head))),
    ...[2, 3, 4, 5].map((at) => row(at, 50 + at)),
  ].join('');
  const notes = rowOf(1, textCell('A1', 'Trainingstagebuch'));
  await choose('tagebuch.xlsx', Buffer.from(workbook({ Notizen: notes, Training: log })));
  await expect(page.getByRole('radio', { name: 'Training' })).toBeChecked();
  await expect(page.getByText(/Not taken, since it says what was asked.*Soll kg/)).toBeVisible();
  await expect(page.getByText(/may each hold the load/)).toBeVisible();
  await expect(button(page, 'Kniebeuge is Back squat')).toBeVisible();
  await expect(button(page, 'Bankdrücken is Bench press')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await page.getByRole('radio', { name: 'Notizen' }).click();
  await expect(page.getByText(/No column holds/)).toBeVisible();
  await page.getByRole('radio', { name: 'Training' }).click();
  await expect(button(page, 'Kniebeuge is Back squat')).toBeVisible();
});

test('records go out as files; a token reads them, and no longer once it has expired or was ended', async ({
  page,
  spalo,
  playwright,
}) => {
  await openDemo(page);
  await page.goto('/settings?part=records');
  await button(page, 'Save records as a file').click();
  await page.getByRole('radio', { name: 'Bookings' }).click();
  const csv = await bytesOf(await fileOf(page, () => button(page, 'Save the file').click()));
  expect(csv.toString().split('\r\n')[0]).toBe(
    'booking_id,client_id,client,trainer,starts_at,minutes,state,room,session_id,rule',
  );
  expect(csv.toString()).toContain(WHO);

  await page.goto('/settings?part=scripts');
  const made: string[] = [];
  for (const name of ['Month’s end', 'Old one']) {
    await button(page, 'Make a token').click();
    await button(page, 'Make the token').click();
    await expect(page.getByText('Fill this in')).toBeVisible();
    await page.getByRole('textbox', { name: 'What it is for' }).fill(name);
    await button(page, 'Make the token').click();
    made.push((await page.getByText(/^spalo_/).textContent())!);
    await expectAccessible(page);
    await button(page, 'Close').click();
  }
  const [token, old] = made as [string, string];
  expect(token).not.toBe(old);
  const script = await playwright.request.newContext({ baseURL: spalo.address });
  const get = (path: string, by = token) =>
    script.get(`/api/v1${path}`, { headers: { Authorization: `Bearer ${by}` } });
  const sets = await get('/files/sets.csv?from=2026-01-01');
  expect(sets.status()).toBe(200);
  expect((await sets.text()).split('\r\n').length).toBeGreaterThan(50);
  const page1 = (await (await get('/clients?limit=3')).json()) as {
    clients: object[];
    next: string;
  };
  expect(page1.clients).toHaveLength(3);
  const page2 = (await (await get(`/clients?limit=3&after=${page1.next}`)).json()) as {
    clients: { id: string }[];
  };
  expect(page2.clients).toHaveLength(3);
  expect((await get(`/clients/${await idOf(page, WHO)}/screening`)).status()).toBe(403);

  const owner = new pg.Client(spalo.ownerUrl);
  await owner.connect();
  await owner.query(
    "UPDATE script_tokens SET expires_at = now() - interval '1 hour' WHERE name = 'Old one'",
  );
  await owner.end();
  expect((await get('/rooms', old)).status()).toBe(401);

  await page.reload();
  await expect(page.getByText(/reads until .* used \d+ times/)).toBeVisible();
  await expect(page.getByText(/ran out .* never used/)).toBeVisible();
  await button(page, 'What Month’s end read').click();
  await expect(page.getByRole('dialog').getByText('recordFile')).toBeVisible();
  await button(page, 'Close').click();
  await button(page, 'End Month’s end').click();
  await expect(page.getByText(/^ended today/)).toBeVisible();
  expect((await get('/rooms')).status()).toBe(401);
  await script.dispose();
});

test('an owner saves the whole studio and brings it into an empty Spalo; all that is kept of a client is read in one page', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  const id = await idOf(page, WHO);
  await page.goto(`/clients/${id}/record`);
  await button(page, 'Open everything').click();
  await expect(page.getByRole('region', { name: 'Who they are' })).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  const html = (
    await bytesOf(await fileOf(page, () => button(page, 'Save as a page').click()))
  ).toString();
  expect(html).toContain(`<h1>${WHO}, all that is kept</h1>`);
  const json = JSON.parse(
    (await bytesOf(await fileOf(page, () => button(page, 'Save as JSON').click()))).toString(),
  ) as { format: string; events: unknown[] };
  expect(json).toMatchObject({ format: 'spalo-client', version: 4 });
  expect(json.events.length).toBeGreaterThan(100);

  await page.goto('/settings?part=copies');
  const archive = await bytesOf(
    await fileOf(page, () => button(page, 'Save the whole studio').click()),
  );
  await expect(page.getByText(/^Saved\. It can be brought/)).toBeVisible();

  const empty = await Spalo.make({ demo: false, older: 0 });
  const context = await browser.newContext({ baseURL: empty.address });
  const there = await context.newPage();
  const bring = async (buffer: Buffer) => {
    const [chooser] = await Promise.all([
      there.waitForEvent('filechooser'),
      button(there, 'From an archive').click(),
    ]);
    await chooser.setFiles({ name: 'studio.ndjson.gz', mimeType: 'application/gzip', buffer });
  };
  try {
    await there.goto('/');
    await bring(archive.subarray(0, archive.length >> 1));
    await expect(there.getByText(/cannot be brought in.*Nothing was kept/)).toBeVisible();
    await bring(archive);
    await expect(there.getByText('Boathouse Strength, Orrin Bay is here')).toBeVisible();
    await expectAccessible(there);
    await button(there, 'Choose the password').click();
    await there.getByRole('textbox', { name: 'Password' }).fill('boats in autumn rain');
    await button(there, 'Go in').click();
    await expect(there.getByRole('heading', { name: 'Today' })).toBeVisible();
    await there.goto(`/clients/${id}`);
    await expect(there.getByRole('heading', { name: WHO, level: 1 })).toBeVisible();
    await openTab(there, 'Progress');
    await expect(there.getByRole('region', { name: 'Sessions' })).toContainText('Back squat');
  } finally {
    await context.close();
    await empty.kill();
  }
});

test('the studio’s settings are changed and taken back: unit, week, screening words; wide and by keyboard', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await openDemo(page);
  await page.goto('/settings?part=copies');
  await expect(page.getByText(/^Last good copy|There is no good copy/)).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await button(page, 'Open Studio').press('Enter');
  await expect(page.getByRole('region', { name: 'Studio' })).toBeVisible();
  await page.getByRole('radio', { name: 'Pounds' }).click();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  await expect(page.getByText(new RegExp(`· lb · ${zone}$`))).toBeVisible();
  await button(page, /^Undo: /).click();
  await expect(page.getByText(new RegExp(`· kg · ${zone}$`))).toBeVisible();

  await page.getByRole('textbox', { name: 'Time zone' }).fill('Mars/Olympus');
  await expect(page.getByText('Not a known time zone')).toBeVisible();
  await expect(button(page, 'Save these')).toHaveCount(0);
  await page.getByRole('textbox', { name: 'Time zone' }).fill(zone);

  await button(page, 'Open Screening questions').click();
  await button(page, 'Look at the screening questions').click();
  await button(page, /^Change the words of: Dizzy/).click();
  await page
    .getByRole('textbox', { name: 'As you ask it' })
    .fill('Has the room ever spun round you this year?');
  await button(page, 'Save').click();
  await expect(page.getByText(/^1 of \d+ are asked in your own words\.$/)).toBeVisible();
  await page.goto('/clients/new');
  await page.goto(`/clients/${await idOf(page, 'Oluchi Venn')}`);
  await openTab(page, 'About');
  await button(page, 'Open the answers').click();
  await expect(page.getByText('Has the room ever spun round you this year?')).toBeVisible();
});
