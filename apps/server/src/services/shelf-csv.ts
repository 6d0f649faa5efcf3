import type { ShelfRing } from '@round-mint/contract/shelf';
import { formatLength } from '@round-mint/core/format';
import { metalById } from '@round-mint/core/metal';
import { allMarks } from '@round-mint/core/size';
import { offerTexts } from '@round-mint/core/trade';
import type { Database } from '../db/database';
import { SHELF_COLUMNS } from './csv-columns';
import { csvOf } from './csv-table';
import { everyPage } from './list';
import { createShelf } from './shelf';
import { readSettings } from './settings';

/** As fine as a calliper and a scale tell, mm and g. */
const rounded = (value: number, decimals: number) => Number(value.toFixed(decimals));

/** The rings that lie on the shelf as a table, each with what a buyer reads of it. */
export async function writeShelfCsv(db: Database): Promise<string> {
  const { primarySystem, secondSystem, lengthUnit } = await readSettings(db);
  const words = {
    systems: [primarySystem, secondSystem],
    length: (mm: number) => formatLength(mm, lengthUnit),
  };
  const stored = createShelf(db);
  const rings = await everyPage((query) => stored.list({ ...query, gone: '0' }));
  const flat = ({ ring, id, state, price, story, texts }: ShelfRing) => {
    const marks = allMarks(ring.insideDiameterMm);
    const sizes = Object.fromEntries(Object.entries(marks).map(([system, { mark }]) => [system, mark]));
    const { fineness } = metalById(ring.metal);
    const measures = {
      insideDiameterMm: rounded(ring.insideDiameterMm, 2),
      widthMm: rounded(ring.widthMm, 2),
      heightMm: rounded(ring.heightMm, 2),
      thicknessMm: rounded(ring.thicknessMm, 2),
      massG: rounded(ring.massG, 1),
    };
    return {
      ...ring,
      ...measures,
      ...sizes,
      ...(texts ?? offerTexts(ring, story, words)),
      id,
      state,
      price,
      story,
      fineness,
    };
  };
  return csvOf({ columns: SHELF_COLUMNS, flat }, rings);
}
