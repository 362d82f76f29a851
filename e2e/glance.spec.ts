import type { Locator, Page } from '@playwright/test';
import { expect, logSet, openDemo, startClient, test } from './spalo';

test.use({ scene: 'glance' });

/** What a trainer sees of a screen at first sight: how many of what stand whole within the window, under nothing. */
interface Glance {
  path: string;
  sees: (page: Page) => [what: Locator, atLeast: number][];
}

const rows = (page: Page, role: 'link' | 'button', name: RegExp) => page.getByRole(role, { name });

const phone: Record<string, Glance> = {
  day: {
    path: '/day',
    sees: (page) => [
      [rows(page, 'button', /^Plan of /), 6],
      [rows(page, 'button', /^Start /), 3],
      [page.getByText(/^[\d.]+ × \d+$/), 12],
    ],
  },
  clients: {
    path: '/clients',
    sees: (page) => [
      [page.getByRole('textbox', { name: 'Find a client' }), 1],
      [page.getByRole('listitem'), 8],
    ],
  },
  lifts: {
    path: '/lifts',
    sees: (page) => [
      [page.getByRole('textbox', { name: 'Find a lift' }), 1],
      [page.getByRole('listitem'), 8],
    ],
  },
  settings: {
    path: '/settings',
    sees: (page) => [[rows(page, 'button', /^Open /), 10]],
  },
  'new client': {
    path: '/clients/new',
    sees: (page) => [
      [page.getByRole('textbox', { name: 'Name', exact: true }), 1],
      [page.getByRole('textbox', { name: 'Born on' }), 1],
      [page.getByRole('textbox', { name: /^Body mass/ }), 1],
    ],
  },
  lesson: {
    path: '/lifts/back-squat',
    sees: (page) => [
      [page.getByRole('img', { name: /trunk|body|squat/i }), 1],
      [page.getByText('A clean rep'), 1],
    ],
  },
  loader: {
    path: '/room',
    sees: (page) => [
      [page.getByRole('textbox', { name: 'Target, kg' }), 1],
      [page.getByText(/ a side$/), 1],
    ],
  },
};

/** What is reached by a tap or two, and what it shows then. */
const behind: Record<string, { open: (page: Page) => Promise<void>; sees: Glance['sees'] }> = {
  block: {
    open: async (page) => {
      await page.goto('/clients');
      await page.getByRole('link', { name: /^Bartholomew/ }).click();
      await page.getByRole('button', { name: 'Open the block' }).click();
    },
    sees: (page) => [
      [rows(page, 'button', /^Change .* in this block$/), 3],
      [page.getByText(/^(Working|Flat|Fading|Cannot tell yet)$/), 3],
      [page.getByText(/^\d[\d.]* × \d+$/), 3],
    ],
  },
  'the course of lifts': {
    open: async (page) => {
      await page.goto('/clients');
      await page.getByRole('link', { name: 'Runa Hallvard-Iyer' }).click();
      await page.getByRole('tab', { name: 'Progress' }).click();
    },
    sees: (page) => [[rows(page, 'button', /Open the estimate$/), 2]],
  },
  review: {
    open: async (page) => {
      await page.goto('/clients');
      await page.getByRole('link', { name: 'Isolde Marchbank' }).click();
      await page.getByRole('tab', { name: 'Progress' }).click();
      await page.getByRole('button', { name: /^Look at the sets of/ }).click();
      await page
        .getByRole('button', { name: /^Look at Back squat/ })
        .first()
        .click();
    },
    sees: (page) => [[rows(page, 'button', /^Film of set/), 1]],
  },
  week: {
    open: async (page) => {
      await page.goto('/calendar');
      await page.getByRole('radio', { name: 'Week' }).click();
    },
    sees: (page) => [[page.getByRole('heading', { level: 2 }), 2]],
  },
};

/** How many of some elements lie whole within the window, and are what a finger on their middle would meet. */
const inSight = (of: Locator) =>
  of.evaluateAll(
    (nodes) =>
      nodes.filter((node) => {
        const { left, top, right, bottom } = node.getBoundingClientRect();
        if (top < 0 || left < 0 || right > innerWidth + 1 || bottom > innerHeight) return false;
        const met = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
        return met !== null && (node.contains(met) || met.contains(node));
      }).length,
  );

async function expectInSight(page: Page, { sees }: Glance, share = 1): Promise<void> {
  for (const [what, atLeast] of sees(page)) {
    const least = Math.ceil(atLeast * share);
    await expect.poll(() => inSight(what)).toBeGreaterThanOrEqual(least);
  }
}

/** A usual phone, and a small one, which shows so much of it. */
const windows = [
  { width: 390, height: 844, share: 1 },
  { width: 360, height: 740, share: 0.5 },
];

test('what is a tap away answers its question in the first window, too', async ({ page }) => {
  await openDemo(page);
  for (const [name, { open, sees }] of Object.entries(behind)) {
    await test.step(name, async () => {
      await open(page);
      await expectInSight(page, { path: '', sees });
    });
  }
});

test('on a phone each screen answers its question in the first window', async ({ page }) => {
  await openDemo(page);
  for (const { share, ...window } of windows) {
    await page.setViewportSize(window);
    for (const [name, glance] of Object.entries(phone)) {
      await test.step(`${name}, ${window.width} wide`, async () => {
        await page.goto(glance.path);
        await expectInSight(page, glance, share);
      });
    }
  }
  const { share: _share, ...usual } = windows[0]!;
  await page.setViewportSize(usual);
  await page.goto('/clients');
  await page.getByRole('link', { name: 'Runa Hallvard-Iyer' }).click();
  const ofClient: Glance = {
    path: '',
    sees: (on) => [
      [rows(on, 'button', /^Start now$/), 1],
      [on.getByRole('tab'), 4],
      [rows(on, 'button', /\. What moved it$/), 3],
    ],
  };
  await expectInSight(page, ofClient);
});

test('at the wrap-up of a session what changes in each lift is in the first window', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Runa Hallvard-Iyer');
  await logSet(page);
  await page.getByRole('button', { name: /^More for / }).click();
  await page.getByRole('button', { name: 'Wrap up this session' }).click();
  await expectInSight(page, {
    path: '',
    sees: (on) => [
      [rows(on, 'button', /^Change next time for /), 4],
      [rows(on, 'button', /^Accept all and finish$/), 1],
    ],
  });
});

test.describe('wide', () => {
  test.use({ viewport: { width: 1280, height: 800 } });
  test('list, page and load card stand beside each other', async ({ page }) => {
    await openDemo(page);
    await page.goto('/clients');
    await page.getByRole('link', { name: 'Teodor Brisling' }).click();
    await expectInSight(page, {
      path: '',
      sees: (on) => [
        [on.getByRole('listitem'), 8],
        [rows(on, 'button', /\. What moved it$/), 3],
        [on.getByRole('region', { name: 'Load card' }).getByRole('heading').first(), 1],
      ],
    });
    await page.goto('/settings');
    await expectInSight(page, {
      path: '',
      sees: (on) => [
        [rows(on, 'button', /^Open /), 10],
        [on.getByRole('region', { name: 'You' }), 1],
      ],
    });
  });
});
