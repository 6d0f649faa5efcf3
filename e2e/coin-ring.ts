import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { expect } from './fixtures';

const PIECE = {
  kind: 'coin',
  name: 'Skerrow harbour medal',
  issuer: 'Skerrow',
  year: 1934,
  metal: 'silver-900',
  edge: 'plain',
  outsideFace: 'either',
  grade: '',
  origin: '',
  price: 12,
  legalNote: '',
  notes: '',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  quantity: 1,
};

/** A ring of about US 9 from a piece of its own, begun as another device would. @returns its id */
export async function beginCoinRing(
  page: Page,
  url: string,
  choices: Readonly<Record<string, unknown>>,
): Promise<string> {
  const [stockId, planId, id] = [randomUUID(), randomUUID(), randomUUID()];
  const kept = await page.request.post(`${url}/api/v1/stock`, { data: { ...PIECE, id: stockId } });
  expect(kept.ok(), await kept.text()).toBe(true);
  const plan = {
    id: planId,
    name: 'A ring',
    stockId,
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
