import { act, renderHook } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf } from '@/testing/fake-server';
import { settle, storeWrapper } from '@/testing/render';
import { tableText, useStockTable } from './use-stock-table';

const PIECES = [
  pieceOf({ id: 'a', name: 'Tern', metal: 'cupronickel', year: 1951, massG: 10.18, quantity: 8 }),
  pieceOf({ id: 'b', name: 'Anchor medal', metal: 'silver-999', year: null, massG: undefined, quantity: 1 }),
];

async function renderTable() {
  fakeServer({ 'GET /stock': listOf(...PIECES) });
  const { wrapper } = storeWrapper();
  const rendered = renderHook(() => useStockTable(), { wrapper });
  await settle();
  return rendered;
}

describe('useStockTable', () => {
  it('begins in the order of names', async () => {
    const { result } = await renderTable();
    expect(result.current.table.getRowModel().rows.map(({ original }) => original.name)).toEqual([
      'Anchor medal',
      'Tern',
    ]);
  });

  it('searches every word in name, issuer, year, metal and notes', async () => {
    const { result } = await renderTable();
    act(() => result.current.setSearch('1951 nickel'));
    expect(result.current.table.getRowModel().rows).toHaveLength(1);
    act(() => result.current.setSearch('1951 silver'));
    expect(result.current.table.getRowModel().rows).toHaveLength(0);
  });

  it('is copied as tab-separated text, unknown figures empty', async () => {
    const { result } = await renderTable();
    expect(tableText(result.current.table).split('\n')).toEqual([
      'Name\tKind\tMetal\tYear\tSize\tMass\tPieces',
      'Anchor medal\tcoin\tfine silver .999\t\t30.9\t15\t1',
      'Tern\tcoin\tcupro-nickel 75/25\t1951\t30.9\t10.18\t8',
    ]);
  });
});
