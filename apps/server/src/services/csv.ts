import type { StoredSupply } from '@round-mint/contract/consumables';
import type { CsvImportResult, CsvTableName } from '@round-mint/contract/csv';
import type { Database } from '../db/database';
import { kit, people, scrap, stock } from '../db/schema';
import { countSupply, listSupplies } from './consumables';
import { csvOf, takeIn } from './csv-table';
import { KIT_TABLE, orderTable, PEOPLE_TABLE, scrapTable, STOCK_TABLE, supplyTable } from './csv-tables';
import { everyPage } from './list';
import { living } from './living';
import { createOrders } from './orders';
import { createResources } from './resources';
import { stockItem, storedPerson, storedScrap, storedTool } from './stored-rows';

/** One stored list as a table. */
interface CsvFile {
  readonly write: (db: Database) => Promise<string>;
  /** Takes a file in, all rows or none; a dry run only tells what each row would do. */
  readonly read: (tx: Database, csv: string, dryRun: boolean) => Promise<CsvImportResult>;
}

const now = () => new Date().toISOString();

const FILES: Readonly<Record<CsvTableName, CsvFile>> = {
  stock: {
    write: async (db) => csvOf(STOCK_TABLE, (await living(db, stock)).map(stockItem)),
    read: async (tx, csv, dryRun) =>
      takeIn(csv, dryRun, STOCK_TABLE, (await living(tx, stock)).map(stockItem), createResources(tx).stock),
  },
  kit: {
    write: async (db) => csvOf(KIT_TABLE, (await living(db, kit)).map(storedTool)),
    read: async (tx, csv, dryRun) =>
      takeIn(csv, dryRun, KIT_TABLE, (await living(tx, kit)).map(storedTool), createResources(tx).kit),
  },
  people: {
    write: async (db) => csvOf(PEOPLE_TABLE, (await living(db, people)).map(storedPerson)),
    read: async (tx, csv, dryRun) =>
      takeIn(
        csv,
        dryRun,
        PEOPLE_TABLE,
        (await living(tx, people)).map(storedPerson),
        createResources(tx).people,
      ),
  },
  orders: {
    write: async (db) => {
      const everybody = (await db.select().from(people)).map(storedPerson);
      return csvOf(orderTable(everybody), await everyPage(createOrders(db).list, 'createdAt'));
    },
    read: async (tx, csv, dryRun) => {
      const table = orderTable((await living(tx, people)).map(storedPerson));
      const stored = createOrders(tx);
      return takeIn(csv, dryRun, table, await everyPage(stored.list, 'createdAt'), stored);
    },
  },
  scrap: {
    write: async (db) => csvOf(scrapTable(now()), (await living(db, scrap)).map(storedScrap)),
    read: async (tx, csv, dryRun) =>
      takeIn(
        csv,
        dryRun,
        scrapTable(now()),
        (await living(tx, scrap)).map(storedScrap),
        createResources(tx).scrap,
      ),
  },
  supplies: {
    write: async (db) => csvOf(supplyTable(now()), await listSupplies(db)),
    read: async (tx, csv, dryRun) => {
      const set = ({ id, ...supply }: StoredSupply) => countSupply(tx, id, supply);
      return takeIn(csv, dryRun, supplyTable(now()), await listSupplies(tx), {
        create: set,
        replace: (_id, supply) => set(supply),
      });
    },
  },
};

/** A stored list as a CSV file. */
export function writeCsv(db: Database, name: CsvTableName): Promise<string> {
  return FILES[name].write(db);
}

/** Takes a CSV file of a stored list in, all rows or none; a dry run only tells what each row would do. */
export function readCsv(
  db: Database,
  name: CsvTableName,
  csv: string,
  dryRun: boolean,
): Promise<CsvImportResult> {
  return db.transaction((tx) => FILES[name].read(tx, csv, dryRun));
}
