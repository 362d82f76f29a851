import type { Page } from '@playwright/test';
import { expect, logSet, openDemo, startClient, test, toTheLoad, toTheSet, openTab } from './spalo';

test.use({ scene: 'clumsy' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const done = (page: Page) => page.getByRole('button', { name: /set, .*, done$/ });
const undo = (page: Page) => button(page, /^Undo: /);
const close = (page: Page) => page.getByRole('button', { name: 'Close', exact: true }).click();
const more = (page: Page) => button(page, /^More for /).click();

interface Stored {
  type: string;
  payload: { eventIds?: string[]; withdrawn?: boolean };
  id: string;
}

/** Takes back what was stored last, and waits until that is offered no more. */
async function takeBack(page: Page): Promise<void> {
  const says = await undo(page).getAttribute('aria-label');
  await undo(page).click();
  await expect(page.getByRole('button', { name: says!, exact: true })).toHaveCount(0);
}

test('thirty wrong taps of all kinds are taken back; the log keeps them, the session is as if they had not been', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await openDemo(page);
  await startClient(page, 'Teodor Brisling');
  await logSet(page);
  const lift = page.getByRole('heading', { level: 1 });
  const ramp = page.getByRole('list', { name: 'Sets of this lift' });
  const steps = async () =>
    Promise.all(
      (await ramp.getByRole('button').all()).map((step) => step.getAttribute('aria-label')),
    );
  const before = await steps();
  const name = await lift.textContent();
  let wrong = 0;
  /** Does something wrong, sees that it changed something, and takes it back. */
  const slip = async (act: () => Promise<void>) => {
    await act();
    await takeBack(page);
    wrong += 1;
  };

  const chooseLoad = (nth: number) => async () => {
    await toTheLoad(page);
    await button(page, /^Change the load/).click();
    await page
      .getByRole('button', { name: /^Take \d/ })
      .nth(nth)
      .click();
  };
  const ask = (change: string) => async () => {
    await toTheLoad(page);
    await button(page, /^Change the load/).click();
    await button(page, /^Working sets today/).click();
    await button(page, change).click();
    await button(page, /^Do \d/).click();
  };
  const pain = (place: string, score: number) => async () => {
    await page.getByRole('button', { name: 'Pain', exact: true }).click();
    await page.getByRole('radio', { name: place }).click();
    await page.getByRole('radio', { name: `${score} of 10`, exact: true }).click();
    await button(page, /^Note: /).click();
    await expect(page.getByText(new RegExp(`${score} of 10`)).first()).toBeVisible();
  };
  const inMore = (act: () => Promise<void>) => async () => {
    await more(page);
    await act();
    await close(page);
  };

  // Sets that were not done, other loads, other working sets.
  for (let nth = 0; nth < 5; nth += 1) {
    await slip(async () => {
      await logSet(page);
    });
  }
  for (const nth of [0, 1, 4]) await slip(chooseLoad(nth));
  for (const change of [
    'More: Sets',
    'Less: Sets',
    'More: Reps',
    'More: Rest after each',
    'Less: Reps',
  ])
    await slip(ask(change));
  // Pain that nobody has: light, and one that stops the lift.
  await slip(pain('Left knee', 1));
  await slip(pain('Low back', 2));
  await slip(pain('Right elbow', 6));
  // A cue, a style, points of the checklist.
  for (const nth of [1, 2]) {
    await slip(async () => {
      await toTheSet(page);
      await button(page, /^Focus cue: /).click();
      await page
        .getByRole('button', { name: /^Focus on: / })
        .nth(nth)
        .click();
    });
  }
  for (const nth of [0, 2]) {
    await slip(async () => {
      await button(page, /^Set-up checklist/).click();
      await page.getByRole('dialog').getByRole('checkbox').nth(nth).click();
      await close(page);
    });
  }
  // The sheet of the session: skipped, moved, swapped, added, noted, a set removed.
  for (const other of ['Skip Dumbbell bench press', 'Skip Romanian deadlift']) {
    await slip(
      inMore(async () => {
        await button(page, other).click();
        await expect(button(page, other)).toHaveCount(0);
      }),
    );
  }
  await slip(inMore(() => button(page, 'Dumbbell bench press earlier').click()));
  await slip(inMore(() => button(page, 'Dumbbell bench press later').click()));
  await slip(
    inMore(async () => {
      await button(page, 'Swap Dumbbell bench press').click();
      await button(page, /^Do .*: /)
        .first()
        .click();
      await expect(button(page, 'Swap Dumbbell bench press')).toHaveCount(0);
    }),
  );
  await slip(
    inMore(async () => {
      await button(page, 'Add a lift').click();
      await page
        .getByRole('dialog')
        .getByRole('button', { name: 'Leg press', exact: true })
        .click();
      await expect(button(page, 'Open Leg press')).toBeVisible();
    }),
  );
  for (const text of ['wrong client', 'wrong lift']) {
    await slip(
      inMore(async () => {
        await page.getByRole('textbox', { name: 'Note' }).fill(text);
        await button(page, 'Save note').click();
        await expect(button(page, new RegExp(`^Remove: .*${text}`))).toBeVisible();
      }),
    );
  }
  await slip(
    inMore(async () => {
      await button(page, /^Undo \d/).click();
      await expect(button(page, /^Restore /)).toBeVisible();
    }),
  );
  await slip(async () => {
    await done(page).first().click();
    await page.getByRole('dialog').getByRole('button', { name: 'One rep fewer' }).click();
    await button(page, 'Save correction').click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  });
  expect(wrong).toBeGreaterThanOrEqual(30);

  // As if they had not been.
  await expect(lift).toHaveText(name!);
  await toTheLoad(page);
  expect(await steps()).toEqual(before);
  await expect(page.getByText(/of 10.* noted$/)).toHaveCount(0);
  await more(page);
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Remove: / })).toHaveCount(0);
  await expect(button(page, /^Restore /)).toHaveCount(0);
  await expect(page.getByText('skipped')).toHaveCount(0);
  await close(page);

  // The log keeps them all, and what took them back; the server's history and strength know of one set only.
  await expect(page.getByText(/to send/)).toHaveCount(0);
  await more(page);
  const session = new URL(page.url()).searchParams.get('lane')!;
  const { events } = (await (
    await page.request.get(`/api/v1/sessions/${session}/events`)
  ).json()) as { events: Stored[] };
  const gone = events.filter(({ type }) => type === 'entries.withdrawn');
  expect(gone.length).toBe(wrong);
  const kept = new Set(events.map(({ id }) => id));
  for (const { payload } of gone) {
    for (const id of payload.eventIds ?? []) expect(kept.has(id)).toBe(true);
  }
  await button(page, 'Wrap up this session').click();
  await page.getByRole('button', { name: /^(Accept all and finish|Finish with these)$/ }).click();
  await expect(page.getByRole('heading', { name: 'Teodor Brisling' })).toBeVisible();
  await openTab(page, 'Progress');
  const opened = page.getByRole('button', { name: /^Open .*, (warm-up|working)/ });
  await expect(opened).toHaveCount(1);
  const id = new URL(page.url()).pathname.split('/').at(-1)!;
  const { sets } = (await (await page.request.get(`/api/v1/clients/${id}/evidence`)).json()) as {
    sets: { sessionId: string }[];
  };
  expect(sets.filter(({ sessionId }) => sessionId === session)).toEqual([]);
});
