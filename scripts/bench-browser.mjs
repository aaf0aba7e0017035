/* npm run bench, second part: what a cook waits for in Chromium, by the production build. Nothing is asserted; figures are looked at. */
import { endApp, portFrom, startApp } from './lib/app.mjs';
import { ensureBuild } from './lib/build.mjs';
import { openCluster } from './lib/cluster.mjs';
import { ensureDatabase, migrate } from './lib/database.mjs';
import { ensureDebianPackages, ensureNodeModules } from './lib/packages.mjs';

/** Lever steps, cold openings and searches that are measured. */
const STEPS = 30;
const OPENINGS = 5;
const SEARCHES = 3;
/** ms over which a frame counts as dropped: one and a half of sixty a second. */
const DROPPED = 25;

ensureDebianPackages({ postgres: true, chromium: true });
ensureNodeModules();
await ensureBuild();
const cluster = await openCluster('test', { fast: true });
await ensureDatabase(cluster.url('postgres'), 'drubek_bench');
const env = { DATABASE_URL: cluster.url('drubek_bench'), DRUBEK_LIMITS_TIMES: '20' };
await migrate(env.DATABASE_URL);
const { app, address } = await startApp('start', await portFrom(3750), env);
const { chromium } = await import('@playwright/test');

const quantile = (values, share) => values.toSorted((a, b) => a - b)[Math.floor((values.length - 1) * share)];
const report = (name, values) =>
  console.log(
    `${name.padEnd(52)} median ${quantile(values, 0.5).toFixed(0).padStart(5)} ms   nine of ten ${quantile(values, 0.9).toFixed(0).padStart(5)} ms`,
  );

/** Notes when the panel first shows the moment to pull and the interval, ms after the page was asked for. */
function watchFirstSight() {
  const seen = {};
  window.firstSight = seen;
  const look = () => {
    const text = document.body?.innerText ?? '';
    if (!seen.field && /Pull after about\s+\d+ min/.test(text)) seen.field = performance.now();
    if (!seen.interval && /\(\d+–\d+\)/.test(text)) seen.interval = performance.now();
    if (!seen.interval) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

/** Moves the focused lever by a key and notes when the coarse picture, the full one and the interval stand. */
function stepLever(key) {
  return new Promise((resolve) => {
    const panel = document.querySelector('[aria-label="Forecast"]');
    const cook = [...panel.querySelectorAll('button')].find((one) => one.textContent === 'Cook this');
    const interval = panel.querySelector('[title^="Eight of ten"]');
    const from = performance.now();
    const found = {};
    const look = () => {
      const now = performance.now() - from;
      if (cook.disabled) found.coarse ??= now;
      else if (found.coarse !== undefined) found.full ??= now;
      if (found.full !== undefined && interval.textContent.trim()) {
        observer.disconnect();
        resolve({ ...found, interval: now });
      }
    };
    const observer = new MutationObserver(look);
    observer.observe(panel, { subtree: true, childList: true, characterData: true, attributes: true });
    document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  });
}

/** Searches for better ways and notes when the first of them stands and when all are tried. */
function searchBetter() {
  return new Promise((resolve) => {
    const section = document.querySelector('[aria-label="Find better"]');
    const from = performance.now();
    const found = {};
    const observer = new MutationObserver(() => {
      const text = section.querySelector('[role=status]')?.textContent ?? '';
      if (/^[1-9]\d* ways tried/.test(text)) found.first ??= performance.now() - from;
      const through = /^(\d+) ways tried;/.exec(text);
      if (!through) return;
      observer.disconnect();
      resolve({ ...found, all: performance.now() - from, tried: Number(through[1]) });
    });
    observer.observe(section, { subtree: true, childList: true, characterData: true });
    [...section.querySelectorAll('button')].find((one) => one.textContent === 'Find better').click();
  });
}

/** Lengths of the frames until it is called off, ms. */
function watchFrames() {
  window.frames = [];
  let before = performance.now();
  const look = (now) => {
    window.frames.push(now - before);
    before = now;
    window.watching = requestAnimationFrame(look);
  };
  window.watching = requestAnimationFrame(look);
}
const framesOf = (page) =>
  page.evaluate(() => {
    cancelAnimationFrame(window.watching);
    return window.frames.slice(1);
  });
const reportFrames = (name, frames) =>
  console.log(
    `${name.padEnd(52)} ${frames.length} frames, median ${quantile(frames, 0.5).toFixed(1)} ms, ${((100 * frames.filter((one) => one > DROPPED).length) / frames.length).toFixed(1)} % dropped`,
  );

const FLAT = ['--no-sandbox', '--disable-gpu', '--disable-3d-apis'];
/* the drawer's WebGL by the processor; the page itself put together as where there is no graphics card, else that is what is measured */
const PAINTED = [
  '--no-sandbox',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--ignore-gpu-blocklist',
  '--disable-gpu-compositing',
];

async function inBrowser(args, work) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.request.post(`${address}/api/session/enter`, {
      data: { kitchen: 'new' },
      headers: { origin: address },
    });
    await work(context);
  } finally {
    await browser.close();
  }
}
const openBench = async (context) => {
  const page = await context.newPage();
  await page.addInitScript(watchFirstSight);
  await page.goto(`${address}/?plan=${crypto.randomUUID()}`);
  await page.waitForFunction(() => window.firstSight.interval);
  return page;
};

try {
  const first = [];
  for (let n = 0; n < OPENINGS; n++) {
    await inBrowser(FLAT, async (context) => {
      const page = await openBench(context);
      first.push({
        ...(await page.evaluate(() => window.firstSight)),
        script: await page.evaluate(() =>
          performance
            .getEntriesByType('resource')
            .filter(({ name }) => name.endsWith('.js'))
            .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
        ),
      });
    });
  }
  report(
    'bench opened cold: moment to pull',
    first.map(({ field }) => field),
  );
  report(
    'bench opened cold: interval',
    first.map(({ interval }) => interval),
  );
  console.log(`script loaded by then: ${Math.round(first[0].script / 1000)} kB compressed`);

  await inBrowser(FLAT, async (context) => {
    const page = await openBench(context);
    await page.waitForTimeout(4000);
    await page.getByRole('slider', { name: 'Length' }).focus();
    const found = [];
    for (let n = 0; n < STEPS; n++) {
      found.push(await page.evaluate(stepLever, n % 6 < 3 ? 'ArrowRight' : 'ArrowLeft'));
      await page.waitForTimeout(150);
    }
    for (const what of ['coarse', 'full', 'interval'])
      report(
        `lever step: ${what}`,
        found.map((one) => one[what]),
      );
    const thumb = await page.getByRole('slider', { name: 'Length' }).boundingBox();
    await page.mouse.move(thumb.x + thumb.width / 2, thumb.y + thumb.height / 2);
    await page.mouse.down();
    await page.evaluate(watchFrames);
    for (let n = 0; n < 180; n++) {
      await page.mouse.move(thumb.x + thumb.width / 2 + 60 * Math.sin(n / 12), thumb.y + 8);
      await page.waitForTimeout(12);
    }
    const frames = await framesOf(page);
    await page.mouse.up();
    reportFrames('dragging a lever, drawer drawn flat', frames);

    await page.getByRole('tab', { name: /^Cook/ }).click();
    await page.waitForTimeout(4000);
    const searches = [];
    for (let n = 0; n < SEARCHES; n++) searches.push(await page.evaluate(searchBetter));
    report(
      'a search: its first way',
      searches.map(({ first }) => first),
    );
    report(
      `a search: all ${searches[0].tried} ways, in two workers`,
      searches.map(({ all }) => all),
    );
  });
  await inBrowser(PAINTED, async (context) => {
    const page = await openBench(context);
    await page
      .getByRole('img', { name: /basket/ })
      .locator('canvas')
      .waitFor();
    /* by then the moments of the cook are painted ahead */
    await page.waitForTimeout(9000);
    await page.getByRole('slider', { name: 'Colour field, read by minute' }).focus();
    await page.keyboard.press('Home');
    await page.evaluate(watchFrames);
    for (let n = 0; n < 80; n++) {
      await page.keyboard.press('ArrowRight');
      await page.waitForTimeout(16);
    }
    reportFrames('scrubbing the painted drawer, by the processor alone', await framesOf(page));
  });
} finally {
  await endApp(app);
  cluster.stop();
}
