import type { OrderInList, OrderInput } from '@round-mint/contract/orders';
import type { PersonInput } from '@round-mint/contract/people';
import type { StoredSizer } from '@round-mint/contract/sizers';
import type { CustomerWish, WishOption } from '@round-mint/core/trade';
import { useRef, useState } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { newId } from '@/store/new-id';
import { useAddPlanMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import {
  useListSizedOrdersQuery,
  useListSizersQuery,
  useSaveOrderMutation,
  useSavePersonMutation,
} from '@/store/trade-api';
import { orderFrom } from '@/features/orders/wish/intake-model';
import { intakeCleared, type IntakeTexts } from '@/features/orders/wish/intake-slice';
import { planOfOption } from '@/features/orders/wish/option-plan';

/** Who asks for the first time, with the finger as it was taken down for the order. */
function newPerson(texts: IntakeTexts, order: OrderInput): PersonInput {
  const { hand, finger, sizeText, insideDiameterMm, measuredBy, gaugeWidthMm, knuckleInsideDiameterMm } =
    order;
  return {
    id: order.personId,
    name: texts.personName.trim(),
    email: texts.email.trim(),
    phone: '',
    address: '',
    notes: '',
    fingers: [
      { hand, finger, sizeText, insideDiameterMm, measuredBy, gaugeWidthMm, knuckleInsideDiameterMm },
    ],
  };
}

/** The sizer that a person was sent and that led to nothing yet: this order came of it, and its coupon counts. */
function openSizer(
  sizers: readonly Pick<StoredSizer, 'id' | 'personId'>[],
  orders: readonly Pick<OrderInList, 'sizerId'>[],
  personId: string,
): string | null {
  const used = new Set(orders.map(({ sizerId }) => sizerId));
  return sizers.find((sizer) => sizer.personId === personId && !used.has(sizer.id))?.id ?? null;
}

/** Keeps what was taken down: the person if new, the plan that was chosen, the order. Pressed again, nothing is made twice. */
export function useKeepOrder(onKept: (orderId: string) => void) {
  const dispatch = useAppDispatch();
  const settings = useSettings();
  const [savePerson] = useSavePersonMutation();
  const [addPlan] = useAddPlanMutation();
  const [saveOrder] = useSaveOrderMutation();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const sizers = useListSizersQuery().data;
  const orders = useListSizedOrdersQuery().data;
  const ids = useRef({ person: newId(), plan: newId(), order: newId() });
  const keep = async (texts: IntakeTexts, wish: CustomerWish | undefined, option: WishOption | undefined) => {
    const personId = texts.personId || ids.current.person;
    const order = orderFrom(texts, settings, {
      id: ids.current.order,
      personId,
      personName: texts.personName.trim(),
    });
    if (!order) return;
    setBusy(true);
    setProblem(undefined);
    try {
      if (texts.personId === '') {
        await savePerson({ ...newPerson(texts, order), isNew: true }).unwrap();
      }
      const planned = option && wish;
      if (planned) {
        await addPlan(planOfOption(option, wish, { id: ids.current.plan, name: order.name })).unwrap();
      }
      const planId = planned ? ids.current.plan : null;
      const stockId = option?.stockId ?? order.stockId;
      const sizerId = openSizer(sizers ?? [], orders ?? [], personId);
      await saveOrder({ ...order, planId, stockId, sizerId, isNew: true }).unwrap();
      ids.current = { person: newId(), plan: newId(), order: newId() };
      dispatch(intakeCleared());
      onKept(order.id ?? '');
    } catch (error) {
      setProblem(problemText(error));
    } finally {
      setBusy(false);
    }
  };
  return { keep, busy, problem };
}
