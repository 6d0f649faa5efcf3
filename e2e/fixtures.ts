import { expect, test as base, type Page } from '@playwright/test';
import { startOnCopy, startServer, type RunningServer } from './server';

export interface Workshop {
  readonly url: string;
  /** A power cut, then the same server again on the same data. */
  readonly restart: () => Promise<void>;
  readonly stop: () => Promise<void>;
  readonly start: () => Promise<void>;
}

interface Fixtures {
  /**
   * Whether a test has a workshop of its own. Those that change nothing another test would see share one of their
   * worker's: a server takes longer to start than most of them to run.
   */
  fresh: boolean;
  workshop: Workshop;
  /** A page that fails its test when it asks another host for anything, or throws. */
  app: Page;
}

interface WorkerFixtures {
  /** The workshop that the tests of a worker share; started when the first one asks for it. */
  shared: () => Promise<Workshop>;
}

/** A server on a copy of the made-up workshop. */
async function openWorkshop(): Promise<Workshop & { readonly close: () => Promise<void> }> {
  const { server: first, dataDir, remove } = await startOnCopy();
  let server: RunningServer = first;
  const { url, port } = server;
  const start = async () => {
    server = await startServer(dataDir, port);
  };
  return {
    url,
    start,
    stop: () => server.stop(),
    restart: async () => {
      await server.kill();
      await start();
    },
    // Its data goes as well: nothing has to be ended in order, which a page's open streams would hold up.
    close: async () => {
      await server.kill();
      await remove();
    },
  };
}

export const test = base.extend<Fixtures, WorkerFixtures>({
  fresh: [true, { option: true }],
  shared: [
    // oxlint-disable-next-line no-empty-pattern -- Playwright asks for a pattern
    async ({}, provide) => {
      let opened: ReturnType<typeof openWorkshop> | undefined;
      await provide(() => (opened ??= openWorkshop()));
      await (await opened)?.close();
    },
    { scope: 'worker' },
  ],
  workshop: async ({ fresh, shared }, provide) => {
    if (!fresh) {
      await provide(await shared());
      return;
    }
    const own = await openWorkshop();
    await provide(own);
    await own.close();
  },
  app: async ({ page, workshop }, provide) => {
    const strangers: string[] = [];
    const problems: string[] = [];
    page.on('request', (request) => {
      const target = request.url();
      if (!target.startsWith(workshop.url) && !/^(data|blob):/.test(target)) strangers.push(target);
    });
    page.on('pageerror', (error) => problems.push(error.message));
    await page.goto(workshop.url);
    // What the server has laid on the page hears no keys.
    await expect(page.locator('#splash')).toHaveCount(0);
    await provide(page);
    expect(strangers, 'requests to other hosts').toEqual([]);
    expect(problems, 'errors thrown in the page').toEqual([]);
  },
});

export { expect };

/** A sheet that was closed has taken its entry out of the history. */
export async function sheetsClosed(page: Page): Promise<void> {
  await expect(page.getByRole('dialog')).toBeHidden();
  const open = () => page.evaluate(() => (history.state as { sheets?: number } | null)?.sheets ?? 0);
  await expect.poll(open).toBe(0);
}

/** The app's first address leads on once the workshop has answered; who went elsewhere just before is called back. */
async function ledOn(page: Page): Promise<void> {
  await page.waitForURL((address) => address.pathname !== '/');
}

/** Goes to a place by its name in the bar. */
export async function goTo(page: Page, place: 'Bench' | 'Plan' | 'Stock' | 'Orders' | 'Log'): Promise<void> {
  await ledOn(page);
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
}

/** Goes to a screen as a link within the app does: the app stays, so that only the screen is drawn anew. */
export async function visit(page: Page, path: string): Promise<void> {
  await expect(page.getByRole('main')).toBeVisible();
  await ledOn(page);
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
}

/** A thumb drawn from right to left over the page, px from its top. */
export async function swipeLeft(page: Page, y: number): Promise<void> {
  const touch = await page.context().newCDPSession(page);
  const at = (x: number) => [{ x, y }];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(320) });
  for (const x of [260, 200, 140]) {
    await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(x) });
  }
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}
