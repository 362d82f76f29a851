/**
 * The floor as it is at its fullest: four lanes on a phone, after sixty sets, on a processor slowed four times.
 * Time is this machine's; elements drawn are not noisy.
 */
const LANES = 4;
const BEFORE = 60;
const SETS = 60;
const SLOWED = 4;
const IDLE_S = 10;
/** A tap this soon after another counts as the same tap. */
const BETWEEN_MS = 700;

const quantile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.ceil(values.length * share) - 1];
const ms = (value) => `${value.toFixed(0)} ms`;

/** Counts the elements that React draws anew, through the hook it offers to tools. In the page, before the app. */
function countDrawn() {
  const drawn = { elements: 0 };
  const HOST = 5;
  const walk = (fiber) => {
    const before = fiber.alternate;
    if (fiber.tag === HOST && before?.memoizedProps !== fiber.memoizedProps) drawn.elements += 1;
    // The same children as before: nothing beneath was drawn.
    if (before && before.child === fiber.child) return;
    for (let child = fiber.child; child; child = child.sibling) walk(child);
  };
  window.spaloDrawn = drawn;
  window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
    supportsFiber: true,
    inject: () => 1,
    onCommitFiberRoot: (_id, root) => walk(root.current),
    onCommitFiberUnmount: () => undefined,
    onPostCommitFiberRoot: () => undefined,
  };
}

const logButton = (page) => page.getByRole('button', { name: /^Log / }).first();

/** Logs the set in hand with a real tap; answers how long until it was stored and shown, and what was drawn for it. */
async function tap(page) {
  const box = await logButton(page).boundingBox();
  if (!box) return null;
  await page.evaluate(() => {
    const shown = async () => {
      const standing = () =>
        `${document.querySelector('h1')?.textContent} ${document.querySelectorAll('[aria-label$=", done"]').length} ${document.querySelector('[aria-label="Stored"]')?.textContent ?? ''}`;
      const before = standing();
      const since = await new Promise((resolve) =>
        document.addEventListener('pointerup', ({ timeStamp }) => resolve(timeStamp), {
          once: true,
          capture: true,
        }),
      );
      window.spaloDrawn.elements = 0;
      while (standing() === before && performance.now() - since < 4000)
        await new Promise(requestAnimationFrame);
      const took = performance.now() - since;
      await new Promise((resolve) => setTimeout(resolve, 300));
      return { took, elements: window.spaloDrawn.elements };
    };
    window.spaloShown = shown();
  });
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  const answer = await page.evaluate(() => window.spaloShown);
  await page.waitForTimeout(BETWEEN_MS);
  return answer;
}

/** The next lane in which a set is to be logged; its lift is opened by one tap on the strip. */
async function turnTo(page, lane) {
  const tabs = page.getByRole('tab');
  await tabs.nth(lane % (await tabs.count())).click();
  await page.waitForTimeout(100);
}

async function openLanes(page, clients) {
  for (const { id } of clients) {
    await page.goto(`/clients/${id}`);
    await page.getByRole('button', { name: 'Start now' }).click();
    await page.getByRole('button', { name: 'Go to the first lift' }).click();
    await logButton(page).waitFor();
  }
}

/** Up to `most` sets, a lane after the other, until nobody has one left. */
async function trainAll(page, most) {
  const taps = [];
  let passed = 0;
  for (let lane = 0; taps.length < most && passed < LANES; lane += 1) {
    await turnTo(page, lane);
    const answer = (await logButton(page).isVisible()) ? await tap(page) : null;
    passed = answer ? 0 : passed + 1;
    if (answer) taps.push(answer);
  }
  return taps;
}

/** Everyone on the floor goes. */
async function wrapUpAll(page) {
  for (let lane = 0; lane < LANES; lane += 1) {
    await page.goto('/floor');
    await page.getByRole('button', { name: 'Wrap up' }).first().click();
    await page
      .getByRole('button', { name: /^(Accept all and finish|Finish with these)$/ })
      .first()
      .click();
    await page.waitForURL((url) => !url.pathname.startsWith('/wrap-up'));
  }
}

/** Frames while a lane's page is scrolled up and down for two seconds, and the longest stretch without one. */
const frames = (page) =>
  page.evaluate(async () => {
    const scroller = [...document.querySelectorAll('div')].find(
      (each) =>
        each.scrollHeight > each.clientHeight + 20 &&
        getComputedStyle(each).overflowY.match(/auto|scroll/),
    );
    const times = [];
    const since = performance.now();
    let last = since;
    while (last - since < 2000) {
      if (scroller) scroller.scrollTop = 100 + 100 * Math.sin((last - since) / 100);
      const now = await new Promise(requestAnimationFrame);
      times.push(now - last);
      last = now;
    }
    return { count: times.length, seconds: (last - since) / 1000, longest: Math.max(...times) };
  });

/** Tap to stored and shown, elements drawn a tap and while nothing happens, frames while scrolling. */
export async function benchFloor(browser, address, clients) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    baseURL: address,
    hasTouch: true,
  });
  const page = await context.newPage();
  await page.addInitScript(countDrawn);
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  const waiting = [...clients];
  await openLanes(page, waiting.splice(0, LANES));
  const slow = await context.newCDPSession(page);
  const taps = [];
  let before = 0;
  while (taps.length < SETS) {
    const measure = before >= BEFORE;
    await slow.send('Emulation.setCPUThrottlingRate', { rate: measure ? SLOWED : 1 });
    const round = await trainAll(page, measure ? SETS - taps.length : BEFORE - before);
    if (measure) taps.push(...round);
    else before += round.length;
    await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    if (round.length > 0) continue;
    await wrapUpAll(page);
    await openLanes(page, waiting.splice(0, LANES));
  }
  await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  const took = taps.map((each) => each.took);
  const elements = taps.map((each) => each.elements);
  console.log(
    `Tap to stored and shown, ${LANES} lanes after ${BEFORE} sets, processor slowed ${SLOWED}×, ${taps.length} sets: ` +
      `median ${ms(quantile(took, 0.5))}, p95 ${ms(quantile(took, 0.95))} (goal: p95 100 ms)`,
  );
  console.log(
    `Elements drawn a tap: median ${quantile(elements, 0.5)}, p95 ${quantile(elements, 0.95)} (goal: at most 60)`,
  );
  await page.waitForTimeout(500);
  await page.evaluate(() => (window.spaloDrawn.elements = 0));
  await page.waitForTimeout(IDLE_S * 1000);
  const idle = await page.evaluate(() => window.spaloDrawn.elements);
  console.log(`Elements drawn a second while nothing happens: ${(idle / IDLE_S).toFixed(1)}`);
  const rolled = await frames(page);
  console.log(
    `Frames while scrolling, slowed ${SLOWED}×: ${(rolled.count / rolled.seconds).toFixed(0)} a second, longest stretch without one ${ms(rolled.longest)}`,
  );
  await context.close();
}
