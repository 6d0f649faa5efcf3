import type { DieChartInput, StoredDieChart } from '@round-mint/contract/die-charts';
import type { StoredTool, ToolInput } from '@round-mint/contract/kit';
import type { Plan, PlanInput } from '@round-mint/contract/plans';
import type { RecipeInput, StoredRecipe } from '@round-mint/contract/recipes';
import type { StockInput, StockItem } from '@round-mint/contract/stock';
import type { Database } from '../db/database';
import { dieCharts, kit, plans, recipes, stock } from '../db/schema';
import { createResource, isoTime, type Resource } from './resource';

type Row = Record<string, unknown>;

/** A row as the contract shows it: no bookkeeping column, ISO times, nulls left out where a field is optional. */
function shown(row: Row, optional: readonly string[] = []): Row {
  const { deletedAt: _deletedAt, createdAt, updatedAt, ...rest } = row;
  const kept = Object.entries(rest).filter(([key, value]) => value !== null || !optional.includes(key));
  return { ...Object.fromEntries(kept), createdAt: isoTime(createdAt), updatedAt: isoTime(updatedAt) };
}

export function stockItem(row: Row): StockItem {
  return shown(row, ['massG', 'rimThicknessMm']) as StockItem;
}

export function storedTool(row: Row): StoredTool {
  return shown(row) as StoredTool;
}

export function storedPlan(row: Row): Plan {
  return shown(row) as Plan;
}

export function storedDieChart(row: Row): StoredDieChart {
  return shown(row) as StoredDieChart;
}

export function storedRecipe(row: Row): StoredRecipe {
  return shown(row) as StoredRecipe;
}

export interface Resources {
  readonly stock: Resource<StockInput, StockItem>;
  readonly kit: Resource<ToolInput, StoredTool>;
  readonly plans: Resource<PlanInput, Plan>;
  readonly dieCharts: Resource<DieChartInput, StoredDieChart>;
  readonly recipes: Resource<RecipeInput, StoredRecipe>;
}

export function createResources(db: Database): Resources {
  return {
    stock: createResource<StockInput, StockItem>(db, {
      name: 'piece of stock',
      table: stock,
      columns: {
        search: [stock.name, stock.issuer, stock.metal, stock.notes, stock.origin],
        sort: {
          name: stock.name,
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
      toRow: (input) => ({
        ...input,
        massG: input.massG ?? null,
        rimThicknessMm: input.rimThicknessMm ?? null,
        form: input.form ?? 'round',
      }),
      toItem: stockItem,
    }),
    kit: createResource<ToolInput, StoredTool>(db, {
      name: 'tool',
      table: kit,
      columns: {
        search: [kit.name],
        sort: { name: kit.name, createdAt: kit.createdAt },
        defaultSort: 'createdAt',
      },
      toRow: (input) => ({ ...input }),
      toItem: storedTool,
    }),
    plans: createResource<PlanInput, Plan>(db, {
      name: 'plan',
      table: plans,
      columns: {
        search: [plans.name],
        sort: { name: plans.name, createdAt: plans.createdAt, updatedAt: plans.updatedAt },
        defaultSort: '-createdAt',
      },
      toRow: (input) => ({ ...input }),
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
