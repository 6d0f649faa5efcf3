import { ArchivedList } from '@/features/shared/archive/ArchivedList';
import { ArchiveScreen } from '@/features/shared/archive/ArchiveScreen';
import { useWriters } from '@/features/shared/settings/use-settings';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { discountWords } from '@/features/orders/discounts/discount-model';
import { dayFromNow, dayWords } from '@/features/shared/words/wall-clock';
import {
  useArchivedDiscountsInfiniteQuery,
  useArchivedOrdersInfiniteQuery,
  useArchivedPeopleInfiniteQuery,
  useArchivedShelfInfiniteQuery,
  useArchivedSizersInfiniteQuery,
} from '@/store/archived-api';
import { useRestoreDiscountMutation } from '@/store/discounts-api';
import { ALL, usePages } from '@/store/lists';
import { useRestoreShelfRingMutation } from '@/store/shelf-api';
import {
  useListPeopleQuery,
  useRestoreOrderMutation,
  useRestorePersonMutation,
  useRestoreSizerMutation,
} from '@/store/trade-api';

/** Orders, people, sizers, discounts and rings of the shelf that were archived. */
export function OrdersArchiveScreen() {
  const [restoreDiscount] = useRestoreDiscountMutation();
  const [restoreOrder] = useRestoreOrderMutation();
  const [restorePerson] = useRestorePersonMutation();
  const [restoreShelfRing] = useRestoreShelfRingMutation();
  const [restoreSizer] = useRestoreSizerMutation();
  const write = useWriters();
  const archivedPeople = usePages(useArchivedPeopleInfiniteQuery(ALL));
  const people = [...(useListPeopleQuery().data ?? []), ...(archivedPeople.data ?? [])];
  const nameOf = (personId: string) => people.find(({ id }) => id === personId)?.name ?? 'somebody';
  return (
    <ArchiveScreen place="Orders" tabs={<OrdersTabs here="Archive" />}>
      <ArchivedList
        title="Orders"
        comesBy="“Archive” on an order puts it here."
        from={usePages(useArchivedOrdersInfiniteQuery(ALL))}
        nameOf={({ name }) => name}
        noteOf={({ personId, wantedBy }) =>
          [`for ${nameOf(personId)}`, wantedBy ? `wanted by ${dayWords(wantedBy)}` : '']
            .filter(Boolean)
            .join(', ')
        }
        restore={restoreOrder}
      />
      <ArchivedList
        title="People"
        comesBy="“Archive” on a person puts them here."
        from={archivedPeople}
        nameOf={({ name }) => name}
        noteOf={({ email, fingers }) =>
          [email, fingers.length === 1 ? '1 finger measured' : `${fingers.length} fingers measured`]
            .filter(Boolean)
            .join(', ')
        }
        restore={restorePerson}
      />
      <ArchivedList
        title="Off the shelf"
        comesBy="“Take it off” on a ring of the shelf puts it here."
        from={usePages(useArchivedShelfInfiniteQuery(ALL))}
        nameOf={({ ring }) => ring.name}
        noteOf={({ price }) => write.money(price)}
        restore={restoreShelfRing}
      />
      <ArchivedList
        title="Sizers"
        comesBy="“Archive” on a sizer puts it here."
        from={usePages(useArchivedSizersInfiniteQuery(ALL))}
        nameOf={({ personId }) => `Sizer of ${nameOf(personId)}`}
        noteOf={({ sentOn }) => `sent ${dayWords(sentOn)}`}
        restore={restoreSizer}
      />
      <ArchivedList
        title="Discounts"
        comesBy="“Archive” on a discount puts it here."
        from={usePages(useArchivedDiscountsInfiniteQuery(ALL))}
        nameOf={({ code }) => code}
        noteOf={(discount) => discountWords(discount, write.money, dayFromNow())}
        restore={restoreDiscount}
      />
    </ArchiveScreen>
  );
}
