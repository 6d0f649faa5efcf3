import type { Browser, BrowserContext, Page } from '@playwright/test';
import { test as base } from '@playwright/test';
import { networkInterfaces } from 'node:os';
import flags from '../scripts/lib/chromium-flags.json' with { type: 'json' };
import { chromiumPath } from '../scripts/lib/chromium.mjs';
import { expect } from './fixtures';
import { startOnCopy } from './server';

/** A name that the browser is told to find on this machine: a page as a phone of the network sees it, without https. */
export const NAME = 'bench.example';

/** An address of this machine in its network; a machine without a network has none. */
const ADDRESS = Object.values(networkInterfaces())
  .flat()
  .find((one) => one && !one.internal && one.family === 'IPv4')?.address;

/** A browser that finds the workshop under another host name. @param address that the name is made to mean */
export function underAnotherName(address = ADDRESS ?? '127.0.0.1') {
  return {
    executablePath: chromiumPath(),
    args: [...flags, `--host-resolver-rules=MAP ${NAME} ${address}`],
  };
}

/** A workshop that is open to the network. */
interface OpenWorkshop {
  /** As its own machine finds it. */
  readonly url: string;
  /** As other devices find it. */
  readonly networkUrl: string;
  readonly port: number;
  /** The pairing code that its terminal shows. */
  readonly codeInTerminal: () => Promise<string>;
}

/**
 * Where there is no network to come from, the machine is locked: then everybody has to be paired, and the wide screen
 * is paired first.
 */
const ADDED = ADDRESS === undefined ? ['--lock'] : [];

export const test = base.extend<{ open: OpenWorkshop }>({
  // oxlint-disable-next-line no-empty-pattern -- Playwright asks for a pattern
  open: async ({}, provide) => {
    const { server, remove } = await startOnCopy({ HOST: '0.0.0.0', ALLOWED_HOSTS: NAME }, ADDED);
    const codeInTerminal = async () => {
      const code = () => /Pairing code (\d{3} \d{3})/.exec(server.said())?.[1] ?? '';
      await expect.poll(code).not.toBe('');
      return code().replace(' ', '');
    };
    await provide({
      url: `http://127.0.0.1:${server.port}`,
      networkUrl: `http://${NAME}:${server.port}`,
      port: server.port,
      codeInTerminal,
    });
    await server.kill();
    await remove();
  },
});

/** Types a code into the page that asks for it. */
export async function pairWith(page: Page, code: string): Promise<void> {
  await page.getByLabel('Code', { exact: true }).fill(code);
  await page.getByRole('button', { name: 'Pair', exact: true }).click();
}

/** The wide screen of the machine itself, let in. */
export async function machinePage(browser: Browser, open: OpenWorkshop): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(open.url);
  if (ADDRESS === undefined) await pairWith(page, await open.codeInTerminal());
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
  return page;
}

/** A phone somewhere in the network, not yet let in. */
export function phoneContext(browser: Browser): Promise<BrowserContext> {
  return browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
}
