import { metalById, METAL_IDS, type HeatRule } from '@round-mint/core/metal';
import { allMarks, SIZE_SYSTEM_IDS, SIZE_SYSTEMS } from '@round-mint/core/size';
import { ScrollView, View } from 'react-native';
import { Type } from '@/ui/Type';

interface WideTableProps {
  label: string;
  /** Width of each column, px. */
  widths: readonly number[];
  head: readonly string[];
  rows: readonly (readonly string[])[];
}

/** A table that scrolls sideways where it is wider than the screen. */
function WideTable({ label, widths, head, rows }: WideTableProps) {
  const row = (cells: readonly string[], key: string, role: 'columnheader' | 'cell') => (
    <View key={key} role="row" className="flex-row border-b border-line py-1.5">
      {cells.map((cell, i) => (
        <View key={i} role={role} style={{ width: widths[i] }} className={i === 0 ? '' : 'items-end pl-3'}>
          <Type as={role === 'cell' && i > 0 ? 'body' : 'label'}>{cell}</Type>
        </View>
      ))}
    </View>
  );
  return (
    <ScrollView horizontal tabIndex={0} aria-label={label} role="region">
      <View role="table" aria-label={label}>
        {row(head, 'head', 'columnheader')}
        {rows.map((cells) => row(cells, cells[0] ?? '', 'cell'))}
      </View>
    </ScrollView>
  );
}

const HEAT_WORDS: Readonly<Record<HeatRule, string>> = {
  yes: 'yes',
  ventilate: 'yes, ventilate',
  'marker-only': 'marker only',
  'own-method': 'own method',
  'unplated-only': 'only unplated',
  never: 'never',
};

/** What the program knows of each metal. */
export function MetalsTable() {
  return (
    <WideTable
      label="Metals"
      widths={[150, 120, 110, 100, 100, 80]}
      head={['metal', 'heat', 'anneal, °C', 'melts, °C', 'allowance', 'g/cm³']}
      rows={METAL_IDS.map((id) => {
        const { name, densityGCm3, meltingC, annealC, allowanceStrainLog, heat } = metalById(id);
        return [
          name,
          HEAT_WORDS[heat],
          annealC ? annealC.join('–') : '–',
          meltingC === undefined ? '–' : String(meltingC),
          allowanceStrainLog > 0 ? allowanceStrainLog.toFixed(2) : '–',
          densityGCm3.toFixed(densityGCm3 < 10 ? 2 : 1),
        ];
      })}
    />
  );
}

/** The usual sizes of hands, in steps of half a US size. */
const US_SIZES = Array.from({ length: 21 }, (_size, i) => 4 + i / 2);

/** The same inside diameter in every system. */
export function SizesTable() {
  const us = SIZE_SYSTEMS.us;
  return (
    <WideTable
      label="Sizes in every system"
      widths={[70, ...SIZE_SYSTEM_IDS.map(() => 64)]}
      head={['mm', ...SIZE_SYSTEM_IDS.map((id) => SIZE_SYSTEMS[id].prefix)]}
      rows={US_SIZES.map((n) => {
        const mm = us.toDiameterMm(n);
        const marks = allMarks(mm);
        return [mm.toFixed(1), ...SIZE_SYSTEM_IDS.map((id) => marks[id].mark)];
      })}
    />
  );
}
