import { dayWords, momentWords } from '@/features/shared/words/wall-clock';
import { Type } from '@/ui/Type';
import type { OrderRow } from './order-model';

/** Whether it will be ready, by the day plan that was made last. */
export function DueWords({ row }: { row: OrderRow }) {
  const { order, readyMin, lateMin } = row;
  const wanted = order.wantedBy === null ? 'no date' : `wanted ${dayWords(order.wantedBy)}`;
  if (order.state === 'ready' || order.ringFinished) return <Type as="small">{`${wanted} · ✓ made`}</Type>;
  if (readyMin === undefined) return <Type as="small">{wanted}</Type>;
  const late = lateMin !== undefined && lateMin > 0;
  return (
    <Type as="small" className={late ? 'font-strong text-stop' : ''}>
      {`${wanted} · ${late ? '✕ ready' : '✓ ready'} ${momentWords(readyMin)}`}
    </Type>
  );
}
