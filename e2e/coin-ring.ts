import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { expect } from './fixtures';

const BRENN = '00000001-0000-4000-8000-000000000010';

/** A ring of about US 9 from the 20 brenn, begun through the interface as another device would. @returns its id */
export async function beginCoinRing(
  page: Page,
  url: string,
  choices: Readonly<Record<string, unknown>>,
): Promise<string> {
  const [planId, id] = [randomUUID(), randomUUID()];
  const plan = {
    id: planId,
    name: 'A ring',
    stockId: BRENN,
    holeMm: 12.7,
    targetInsideDiameterMm: 18.95,
    curlDeg: null,
    finish: 'polished',
    ...choices,
  };
  const planned = await page.request.post(`${url}/api/v1/plans`, { data: plan });
  expect(planned.ok()).toBe(true);
  const begun = await page.request.post(`${url}/api/v1/rings`, { data: { id, planId, name: plan.name } });
  expect(begun.ok()).toBe(true);
  return id;
}
