import { API_PATH } from '@round-mint/contract/endpoint';
import { backups } from '@round-mint/contract/endpoints-backups';
import { devices, photos, rings } from '@round-mint/contract/endpoints-bench';
import { shelf } from '@round-mint/contract/endpoints-shelf';
import {
  consumables,
  discounts,
  orders,
  outbox,
  people,
  scrap,
  shop,
  sizers,
} from '@round-mint/contract/endpoints-trade';
import { dieCharts, kit, recipes, stock, system, workshop } from '@round-mint/contract/endpoints-workshop';
import { STOCK_KINDS } from '@round-mint/core/work/codes';
import { ARCHIVED, IN_WORK, RINGS_A_PAGE, SPOILT } from './api';
import { call } from './call';
import { pageOf } from './lists';
import { GONE, ON_SHELF } from './shelf-api';
import { FROM_SIZER, IN_TIN, OPEN, OVER } from './trade-api';

type Asked = ReturnType<typeof call>;

/** A call's address as the store asks for it. */
function addressFor({ url, params }: Asked): string {
  const query = new URLSearchParams(
    Object.entries(params ?? {}).map(([name, value]) => [name, String(value)]),
  );
  return `${API_PATH}${url}${query.size > 0 ? `?${query.toString()}` : ''}`;
}

const ringPage = (asked: Parameters<typeof pageOf>[1]) => pageOf(rings.listInFull, asked, '', RINGS_A_PAGE);
const inWork = ringPage(IN_WORK);

/** Where the things are listed that have pages of their own. */
export const OPEN_LISTS = {
  rings: addressFor(inWork),
  orders: addressFor(pageOf(orders.list, OPEN)),
} as const;

const LISTS = [stock, kit, dieCharts, recipes, people, sizers, discounts] as const;
const ARCHIVED_LISTS = [...LISTS, orders, shelf, scrap] as const;

/** What every place asks for when it is opened, so that each opens while the server is away. */
export function offlineCalls(): readonly string[] {
  return [
    call(system.health, {}),
    call(workshop.settings, {}),
    call(backups.list, {}),
    ...LISTS.map(({ list }) => pageOf(list)),
    ...STOCK_KINDS.map((kind) => pageOf(stock.list, { kind })),
    ...ARCHIVED_LISTS.map(({ list }) => pageOf(list, ARCHIVED)),
    ...[OPEN, OVER, FROM_SIZER].map((asked) => pageOf(orders.list, asked)),
    pageOf(shelf.list, ON_SHELF),
    pageOf(shelf.list, GONE),
    pageOf(shelf.unplaced),
    pageOf(scrap.list, IN_TIN),
    ...[IN_WORK, SPOILT, ARCHIVED].map(ringPage),
    pageOf(workshop.log),
    call(workshop.logSummary, {}),
    call(workshop.learnt, {}),
    pageOf(outbox.list),
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
    ...orderList.flatMap(({ id }) => [
      call(orders.get, { params: { id } }),
      call(orders.costs, { params: { id } }),
      pageOf(outbox.list, { orderId: id }),
    ]),
  ].map(addressFor);
}
