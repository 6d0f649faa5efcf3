import { API_PATH } from '@round-mint/contract/endpoint';
import { backups } from '@round-mint/contract/endpoints-backups';
import { devices, photos, rings } from '@round-mint/contract/endpoints-bench';
import {
  consumables,
  orders,
  outbox,
  people,
  scrap,
  shop,
  sizers,
} from '@round-mint/contract/endpoints-trade';
import { dieCharts, kit, recipes, stock, system, workshop } from '@round-mint/contract/endpoints-workshop';
import { archivedPage, firstPage, MOST_A_PAGE } from './api';
import { call } from './call';

type Asked = ReturnType<typeof call>;

/** A call's address as the store asks for it. */
function addressFor({ url, params }: Asked): string {
  const query = new URLSearchParams(
    Object.entries(params ?? {}).map(([name, value]) => [name, String(value)]),
  );
  return `${API_PATH}${url}${query.size > 0 ? `?${query.toString()}` : ''}`;
}

const inWork = call(rings.list, { query: { status: 'in-work', limit: MOST_A_PAGE } });

/** Where the things are listed that have pages of their own. */
export const OPEN_LISTS = {
  rings: addressFor(inWork),
  orders: addressFor(call(orders.list, firstPage)),
} as const;

const LISTS = [stock, kit, dieCharts, recipes, people, orders, sizers, scrap] as const;

/** What every place asks for when it is opened, so that each opens while the server is away. */
export function offlineCalls(): readonly string[] {
  return [
    call(system.health, {}),
    call(workshop.settings, {}),
    call(backups.list, {}),
    ...LISTS.flatMap(({ list }) => [call(list, firstPage), call(list, archivedPage)]),
    inWork,
    call(rings.list, { query: { status: 'spoilt', limit: MOST_A_PAGE } }),
    call(rings.list, { query: { archived: '1', limit: MOST_A_PAGE } }),
    call(workshop.log, firstPage),
    call(workshop.learnt, {}),
    call(outbox.list, firstPage),
    call(consumables.list, {}),
    call(devices.list, {}),
    call(shop.metalPrices, {}),
    call(shop.dayPlan, {}),
    call(shop.numbers, {}),
  ].map(addressFor);
}

interface Named {
  readonly id: string;
}

/** What the pages of single things ask for: rings in work, and orders. */
export function offlineCallsOf(ringList: readonly Named[], orderList: readonly Named[]): readonly string[] {
  return [
    ...ringList.flatMap(({ id }) => [
      call(rings.get, { params: { id } }),
      call(photos.list, { params: { id } }),
    ]),
    ...orderList.map(({ id }) => call(orders.costs, { params: { id } })),
  ].map(addressFor);
}
