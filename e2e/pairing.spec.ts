import { request as plainRequest } from 'node:http';
import { stepCount, stepDone } from './bench-steps';
import { expect, goTo, visit } from './fixtures';
import { machinePage, pairWith, phoneContext, test, underAnotherName } from './network';

test.use({ permissions: [], launchOptions: underAnotherName() });

const RING = '/bench/00000004-0000-4000-8000-000000000007';

test('a phone is let in by the code, works a ring that the wide screen follows, and is out when revoked', async ({
  browser,
  open,
}) => {
  const machine = await machinePage(browser, open);
  await visit(machine, '/settings/devices');
  await machine.getByRole('button', { name: 'Show a code' }).click();
  await expect(machine.getByTestId('qr-code')).toBeVisible();
  const code = ((await machine.getByTestId('pairing-code').textContent()) ?? '')
    .replace(/\D/g, '')
    .slice(0, 6);

  // A stranger sees a box for the code, and nothing else.
  const context = await phoneContext(browser);
  const phone = await context.newPage();
  await phone.goto(`${open.networkUrl}/stock`);
  await expect(phone.getByTestId('pair-screen')).toBeVisible();
  await expect(phone.getByRole('navigation', { name: 'Places' })).toBeHidden();
  expect(await phone.evaluate(async () => (await fetch('/api/v1/stock')).status)).toBe(401);
  const wrong = code === '000000' ? '111111' : '000000';
  await pairWith(phone, wrong);
  await expect(phone.getByText('This code is wrong, or no longer good.')).toBeVisible();
  await expect(phone.getByLabel('Code', { exact: true })).toHaveValue(wrong);
  await phone.getByLabel('Name of this device').fill('phone at the bench');
  await pairWith(phone, code);
  await expect(phone.getByTestId('bench-screen')).toBeVisible();
  await expect(machine.getByText('phone at the bench')).toBeVisible();

  // What the phone does stands on the wide screen.
  await visit(machine, RING);
  const before = (await stepCount(machine).textContent()) ?? '';
  await visit(phone, RING);
  await expect(stepCount(phone)).toBeVisible();
  await stepDone(phone);
  await expect(stepCount(machine)).not.toHaveText(before);

  // What is typed on one stays while the other changes the same list.
  await goTo(machine, 'Stock');
  await machine.getByRole('link', { name: 'Kit', exact: true }).click();
  await machine.getByRole('button', { name: 'Add a tool' }).click();
  await machine.getByLabel('Name', { exact: true }).fill('half typed');
  await visit(phone, '/stock/kit');
  await phone.getByRole('button', { name: 'Add a tool' }).click();
  await phone.getByLabel('Name', { exact: true }).fill('punch of the phone');
  await phone.getByLabel(/^Diameter/).fill('13.1');
  await phone.getByRole('button', { name: 'Add the tool' }).click();
  await expect(machine.getByText('punch of the phone')).toBeAttached();
  await expect(machine.getByLabel('Name', { exact: true })).toHaveValue('half typed');
  await machine.keyboard.press('Escape');

  // Revoked, it is out at once, and comes back when that is undone.
  await visit(machine, '/settings/devices');
  await machine.getByRole('button', { name: 'Revoke phone at the bench' }).click();
  await expect(phone.getByTestId('pair-screen')).toBeVisible();
  await expect(phone.getByText('punch of the phone')).toBeHidden();
  await machine.getByRole('button', { name: 'Undo', exact: true }).click();
  await phone.getByRole('button', { name: 'Go to the bench' }).click();
  await expect(phone.getByTestId('bench-screen')).toBeVisible();
});

test('the code that the terminal shows lets one device in, also from its address alone', async ({
  browser,
  open,
}) => {
  const code = await open.codeInTerminal();
  const phone = await (await phoneContext(browser)).newPage();
  await phone.goto(`${open.networkUrl}/pair#${code}`);
  await expect(phone.getByLabel('Code', { exact: true })).toHaveValue(code);
  await phone.getByRole('button', { name: 'Pair', exact: true }).click();
  await expect(phone.getByTestId('bench-screen')).toBeVisible();
  const other = await (await phoneContext(browser)).newPage();
  await other.goto(`${open.networkUrl}/pair#${code}`);
  await other.getByRole('button', { name: 'Pair', exact: true }).click();
  await expect(other.getByText('This code is wrong, or no longer good.')).toBeVisible();
});

interface Foreign {
  readonly method?: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body?: string;
}

/** A request as a foreign page or a prying device would make it; its status. */
function statusOf(port: number, path: string, { method = 'GET', headers, body }: Foreign): Promise<number> {
  return new Promise((resolve, reject) => {
    const sent = plainRequest(
      { host: '127.0.0.1', port, path: `/api/v1${path}`, method, headers },
      (answer) => {
        answer.resume();
        resolve(answer.statusCode ?? 0);
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });
}

test('foreign names, foreign pages, other content and too many wrong codes are refused', async ({ open }) => {
  const { port } = open;
  const own = { host: `127.0.0.1:${port}` };
  const json = { 'content-type': 'application/json' };
  const tool = JSON.stringify({ name: 'x', spec: { kind: 'former', diameterMm: 17 } });
  expect(await statusOf(port, '/access', { headers: { host: 'evil.example' } })).toBe(421);
  const add = (headers: Record<string, string>) =>
    statusOf(port, '/kit', { method: 'POST', headers: { ...own, ...headers }, body: tool });
  expect(await add({ ...json, origin: 'http://evil.example' })).toBe(403);
  expect(await add({ ...json, 'sec-fetch-site': 'cross-site' })).toBe(403);
  expect(await add({ 'content-type': 'text/plain' })).toBe(415);
  const guess = () =>
    statusOf(port, '/access/pair', {
      method: 'POST',
      headers: { ...own, ...json },
      body: JSON.stringify({ code: '000000', name: 'guess' }),
    });
  const statuses: number[] = [];
  for (let i = 0; i < 11; i += 1) statuses.push(await guess());
  // One in a million: a guess that is right ends the test before its eleventh.
  expect(statuses).toEqual([...Array<number>(10).fill(403), 429]);
});
