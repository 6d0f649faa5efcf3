import { type DieChartInput, type StoredDieChart } from '@round-mint/contract/die-charts';
import { type ShownTool, type ToolInput } from '@round-mint/contract/kit';
import { type OrderInput, type OrderListQuery, type StoredOrder } from '@round-mint/contract/orders';
import { type Person, type PersonInput } from '@round-mint/contract/people';
import { type Plan, type PlanInput } from '@round-mint/contract/plans';
import { type RecipeInput, type StoredRecipe } from '@round-mint/contract/recipes';
import { type ScrapInput, type ScrapListQuery, type StoredScrap } from '@round-mint/contract/scrap';
import { type ShelfListQuery, type StoredShelfRing } from '@round-mint/contract/shelf';
import { type DiscountInput, type StoredDiscount } from '@round-mint/contract/discounts';
import { type SizerInput, type StoredSizer } from '@round-mint/contract/sizers';
import {
  STOCK_KIND_NAMES,
  type StockInput,
  type StockItem,
  type StockListQuery,
} from '@round-mint/contract/stock';
import { METALS } from '@round-mint/core/metal';
import { STOCK_KINDS } from '@round-mint/core/work';
import { GONE_STATES, OVER_STATES } from '@round-mint/core/trade';
import { and, eq, ilike, inArray, isNotNull, isNull, notInArray, or, sql, type SQL } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import {
  dieCharts,
  kit,
  orders,
  orderStandings,
  people,
  plans,
  recipes,
  rings,
  scrap,
  shelf,
  discounts,
  sizers,
  stock,
} from '../db/schema';
import { shownTool } from './kit';
import { literalPattern } from './list';
import { createResource, type Resource } from './resource';
import { checkDiscount } from './discount-check';
import { changeCount } from './stock-counts';
import {
  orderRow,
  personRow,
  planRow,
  shelfRow,
  discountRow,
  sizerRow,
  stockItem,
  stockRow,
  storedDieChart,
  storedOrder,
  storedPerson,
  storedPlan,
  storedRecipe,
  storedScrap,
  storedShelfRing,
  storedDiscount,
  storedSizer,
  storedTool,
} from './stored-rows';

/** A piece is also found by what its metal and its kind are called, and by its year. */
function matchesPiece(word: string): SQL | undefined {
  const lower = word.toLowerCase();
  const metals = METALS.filter(({ name }) => name.toLowerCase().includes(lower)).map(({ id }) => id);
  const kinds = STOCK_KINDS.filter((kind) => STOCK_KIND_NAMES[kind].includes(lower));
  return or(
    metals.length > 0 ? inArray(stock.metal, metals) : undefined,
    kinds.length > 0 ? inArray(stock.kind, kinds) : undefined,
    /^-?\d{1,4}$/.test(word) ? sql`${stock.year}::text like ${`%${word}%`}` : undefined,
  );
}

/** Orders that nothing more is to be done with, or the others. */
function isOver(over: boolean): SQL {
  const those = sql`(select ${orderStandings.orderId} from ${orderStandings} where ${inArray(orderStandings.state, [...OVER_STATES])})`;
  return over ? sql`${orders.id} in ${those}` : sql`${orders.id} not in ${those}`;
}

function whichOrders({ over, personId, ringId, fromSizer }: OrderListQuery): SQL | undefined {
  return and(
    over === undefined ? undefined : isOver(over === '1'),
    personId === undefined ? undefined : eq(orders.personId, personId),
    ringId === undefined ? undefined : eq(orders.ringId, ringId),
    fromSizer === undefined ? undefined : isNotNull(orders.sizerId),
  );
}

/** Rings that left the shelf, or those that lie on it; one whose ring was archived does neither. */
function whichShelfRings({ gone, archived, ringId }: ShelfListQuery): SQL | undefined {
  const kept = sql`${shelf.ringId} in (select ${rings.id} from ${rings} where ${rings.archivedAt} is null)`;
  const states = [...GONE_STATES];
  return and(
    archived === '1' ? undefined : kept,
    ringId === undefined ? undefined : eq(shelf.ringId, ringId),
    gone === undefined
      ? undefined
      : gone === '1'
        ? inArray(shelf.state, states)
        : notInArray(shelf.state, states),
  );
}

/** A ring on the shelf as it is written. */
export type ShelfWrite = Pick<StoredShelfRing, 'id' | 'ringId' | 'story' | 'texts' | 'events'>;

export interface Resources {
  readonly people: Resource<PersonInput, Person>;
  readonly orders: Resource<OrderInput, StoredOrder, OrderListQuery>;
  readonly shelf: Resource<ShelfWrite, StoredShelfRing, ShelfListQuery>;
  readonly sizers: Resource<SizerInput, StoredSizer>;
  readonly discounts: Resource<DiscountInput, StoredDiscount>;
  readonly scrap: Resource<ScrapInput, StoredScrap, ScrapListQuery>;
  readonly stock: Resource<StockInput, StockItem, StockListQuery>;
  readonly kit: Resource<ToolInput, ShownTool>;
  readonly plans: Resource<PlanInput, Plan>;
  readonly dieCharts: Resource<DieChartInput, StoredDieChart>;
  readonly recipes: Resource<RecipeInput, StoredRecipe>;
}

export function createResources(db: Database): Resources {
  return {
    people: createResource<PersonInput, Person>(db, {
      name: 'person',
      table: people,
      columns: {
        search: [people.name, people.email],
        sort: { name: people.name, createdAt: people.createdAt },
        defaultSort: 'name',
      },
      toRow: personRow,
      toItem: storedPerson,
    }),
    orders: createResource<OrderInput, StoredOrder, OrderListQuery>(db, {
      name: 'order',
      table: orders,
      columns: {
        search: [orders.name],
        sort: { name: orders.name, wantedBy: orders.wantedBy, createdAt: orders.createdAt },
        defaultSort: '-createdAt',
      },
      which: whichOrders,
      toRow: orderRow,
      toItem: storedOrder,
      onReplace: (tx, { id, quote }, input) => checkDiscount(tx, { ...input, id }, quote),
    }),
    shelf: createResource<ShelfWrite, StoredShelfRing, ShelfListQuery>(db, {
      name: 'ring on the shelf',
      table: shelf,
      columns: {
        search: [shelf.story, shelf.state],
        alsoMatches: (word) =>
          sql`${shelf.ringId} in (select ${rings.id} from ${rings} where ${ilike(rings.name, literalPattern(word))})`,
        sort: { createdAt: shelf.createdAt, goneAt: shelf.goneAt, state: shelf.state },
        defaultSort: '-createdAt',
      },
      which: whichShelfRings,
      toRow: shelfRow,
      toItem: storedShelfRing,
    }),
    sizers: createResource<SizerInput, StoredSizer>(db, {
      name: 'sizer',
      table: sizers,
      columns: {
        search: [sizers.sentOn],
        sort: { sentOn: sizers.sentOn, createdAt: sizers.createdAt },
        defaultSort: '-sentOn',
      },
      toRow: sizerRow,
      toItem: storedSizer,
    }),
    discounts: createResource<DiscountInput, StoredDiscount>(db, {
      name: 'discount',
      table: discounts,
      columns: {
        search: [discounts.code],
        sort: { code: discounts.code, createdAt: discounts.createdAt },
        defaultSort: 'code',
      },
      toRow: discountRow,
      toItem: storedDiscount,
    }),
    scrap: createResource<ScrapInput, StoredScrap, ScrapListQuery>(db, {
      name: 'thing in the scrap tin',
      table: scrap,
      columns: {
        search: [scrap.kind, scrap.metal, scrap.note],
        sort: { at: scrap.at, massG: scrap.massG, metal: scrap.metal, kind: scrap.kind },
        defaultSort: '-at',
      },
      toRow: (input) => ({ ...input }),
      toItem: storedScrap,
      which: ({ inTin }) => (inTin === undefined ? undefined : isNull(scrap.meltedIntoId)),
    }),
    stock: createResource<StockInput, StockItem, StockListQuery>(db, {
      name: 'piece of stock',
      table: stock,
      columns: {
        search: [stock.name, stock.kind, stock.issuer, stock.metal, stock.notes, stock.origin, stock.grade],
        alsoMatches: matchesPiece,
        sort: {
          name: stock.name,
          kind: stock.kind,
          issuer: stock.issuer,
          year: stock.year,
          metal: stock.metal,
          diameterMm: stock.diameterMm,
          massG: stock.massG,
          price: stock.price,
          quantity: stock.quantity,
          createdAt: stock.createdAt,
        },
        defaultSort: 'name',
      },
      toRow: stockRow,
      toItem: stockItem,
      which: ({ kind }) => (kind === undefined ? undefined : eq(stock.kind, kind)),
      // Written over, a count would lose what another device took meanwhile from what is known of it.
      onReplace: async (tx, before, { quantity }) => {
        const change = quantity - before.quantity;
        if (change === 0) return;
        const noted = { id: randomUUID(), at: new Date().toISOString(), change, why: 'counted' } as const;
        await changeCount(tx, before.id, noted);
      },
    }),
    kit: createResource<ToolInput, ShownTool>(db, {
      name: 'tool',
      table: kit,
      columns: {
        search: [kit.name],
        sort: { name: kit.name, createdAt: kit.createdAt },
        defaultSort: 'createdAt',
      },
      toRow: (input) => ({ ...input }),
      toItem: (row) => shownTool(storedTool(row)),
    }),
    plans: createResource<PlanInput, Plan>(db, {
      name: 'plan',
      table: plans,
      columns: {
        search: [plans.name],
        sort: { name: plans.name, createdAt: plans.createdAt, updatedAt: plans.updatedAt },
        defaultSort: '-createdAt',
      },
      toRow: planRow,
      toItem: storedPlan,
    }),
    dieCharts: createResource<DieChartInput, StoredDieChart>(db, {
      name: 'die chart',
      table: dieCharts,
      columns: {
        search: [dieCharts.die, dieCharts.metal],
        sort: {
          die: dieCharts.die,
          metal: dieCharts.metal,
          pusherMm: dieCharts.pusherMm,
          createdAt: dieCharts.createdAt,
        },
        defaultSort: '-pusherMm',
      },
      toRow: (input) => ({ ...input }),
      toItem: storedDieChart,
    }),
    recipes: createResource<RecipeInput, StoredRecipe>(db, {
      name: 'recipe',
      table: recipes,
      columns: {
        search: [recipes.name, recipes.note],
        sort: { name: recipes.name, createdAt: recipes.createdAt },
        defaultSort: 'name',
      },
      toRow: (input) => ({ ...input }),
      toItem: storedRecipe,
    }),
  };
}
