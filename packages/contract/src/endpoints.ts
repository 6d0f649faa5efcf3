import type { Endpoint } from './endpoint';
import { access } from './endpoints-access';
import { backups } from './endpoints-backups';
import { devices, photos, rings } from './endpoints-bench';
import { compute } from './endpoints-compute';
import { shelf } from './endpoints-shelf';
import { consumables, discounts, orders, outbox, people, scrap, shop, sizers } from './endpoints-trade';
import { dieCharts, faces, kit, plans, recipes, stock, system, workshop } from './endpoints-workshop';

const GROUPS: readonly Readonly<Record<string, Endpoint>>[] = [
  system,
  access,
  compute,
  stock,
  faces,
  kit,
  plans,
  dieCharts,
  recipes,
  rings,
  photos,
  devices,
  people,
  orders,
  shelf,
  sizers,
  discounts,
  scrap,
  consumables,
  outbox,
  shop,
  workshop,
  backups,
];

/** Every call of the interface. */
export const ENDPOINTS: readonly Endpoint[] = GROUPS.flatMap((group) => Object.values(group));
