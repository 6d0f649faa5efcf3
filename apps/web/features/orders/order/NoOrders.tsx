import { Type } from '@/ui/Type';
import { Empty } from '@/ui/Waiting';

/** Instead of rows, where there are none. */
export function NoOrders({ fetching }: { fetching: boolean }) {
  if (fetching)
    return (
      <Type as="small" role="status">
        Fetching the orders …
      </Type>
    );
  return (
    <Empty title="Nothing here.">
      Orders stand here, each with what is wanted and by when. “New order” adds one.
    </Empty>
  );
}
