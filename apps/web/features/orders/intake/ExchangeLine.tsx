import { parseDecimal } from '@round-mint/core/format';
import { coinReach, partExchange } from '@round-mint/core/trade';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useDrawer } from '@/store/use-drawer';
import { Notice } from '@/ui/Notice';
import type { IntakeTexts } from '@/features/orders/wish/intake-slice';

interface ExchangeLineProps {
  texts: Pick<IntakeTexts, 'exchangePieces' | 'exchangeValue'>;
  targetMm: number | undefined;
  /** A piece like those that are offered: the one that is chosen, or the best answer's. */
  stockId: string | undefined;
}

/** Whether pieces may be taken in exchange at all: by metal and by the sizes they reach, said at once. */
export function ExchangeLine({ texts, targetMm, stockId }: ExchangeLineProps) {
  const bench = useDrawer();
  const { money } = useWriters();
  const pieces = Number(texts.exchangePieces);
  const valueEach = parseDecimal(texts.exchangeValue) || 0;
  const piece = bench?.stock.find(({ id }) => id === stockId);
  if (!bench || piece?.kind !== 'coin' || targetMm === undefined || !(pieces >= 2)) return null;
  const { eligible, reasons, credit, kept } = partExchange({
    metal: piece.metal,
    pieces,
    valueEach,
    price: 0,
    reachMm: coinReach(piece, bench.kit),
    targetInsideDiameterMm: targetMm,
  });
  return eligible ? (
    <Notice level="good" title={`In exchange: ${kept} pieces like this pay ${money(credit)}.`} />
  ) : (
    <>
      {reasons.map(({ code, message }) => (
        <Notice key={code} level="stop" title={`Not in exchange: ${message}`} />
      ))}
    </>
  );
}
