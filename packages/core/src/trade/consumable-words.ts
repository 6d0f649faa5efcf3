import type { ConsumableId } from './consumables';

interface Consumable {
  readonly name: string;
  readonly unit: string;
  /** Digits after the point that make sense. */
  readonly digits: number;
}

export const CONSUMABLES: Readonly<Record<ConsumableId, Consumable>> = {
  tape: { name: 'PTFE tape', unit: 'm', digits: 1 },
  wax: { name: 'wax or grease', unit: 'g', digits: 0 },
  gas: { name: 'torch gas', unit: 'g', digits: 0 },
  abrasive: { name: 'abrasive paper', unit: 'sheets', digits: 1 },
  wool: { name: 'steel wool 4/0', unit: 'pads', digits: 1 },
  compound: { name: 'polishing compound', unit: 'g', digits: 0 },
  acid: { name: 'pickling acid', unit: 'g', digits: 0 },
  sulphur: { name: 'liver of sulphur', unit: 'g', digits: 0 },
  solder: { name: 'solder', unit: 'mm', digits: 0 },
  gold: { name: 'gold for lining', unit: 'mg', digits: 1 },
};
