import { useEffect } from 'react';
import { View } from 'react-native';
import {
  useRestorePhotoMutation,
  useRestoreRingMutation,
  useRestoreStockMutation,
  useRestoreToolMutation,
  useSetFaceMutation,
  useSetTopMutation,
} from '@/store/api';
import { useRestoreDieChartMutation, useRestoreRecipeMutation } from '@/store/bench-api';
import {
  useRestoreOrderMutation,
  useRestorePersonMutation,
  useRestoreScrapMutation,
  useRestoreSizerMutation,
} from '@/store/trade-api';
import { useRestoreDiscountMutation } from '@/store/discounts-api';
import { useRestoreShelfRingMutation } from '@/store/shelf-api';
import { useRestoreDeviceMutation } from '@/store/access-api';
import { noticeClosed, type DoneNotice } from '@/store/notices-slice';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { useLogEvents } from '@/store/use-log-events';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Long enough to reach for Undo with a dirty hand. */
const SHOWN_MS = 12_000;

/** What was just done, with Undo where it can be undone. */
export function DoneBar() {
  const notice = useAppSelector((state) => state.notices.current);
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(() => dispatch(noticeClosed()), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, dispatch]);
  if (!notice) return null;
  return <Bar notice={notice} onClose={() => dispatch(noticeClosed())} />;
}

function Bar({ notice, onClose }: { notice: DoneNotice; onClose: () => void }) {
  const [restoreStock] = useRestoreStockMutation();
  const [restoreTool] = useRestoreToolMutation();
  const [restoreRing] = useRestoreRingMutation();
  const [restoreDieChart] = useRestoreDieChartMutation();
  const [restoreRecipe] = useRestoreRecipeMutation();
  const [restorePhoto] = useRestorePhotoMutation();
  const [restorePerson] = useRestorePersonMutation();
  const [restoreOrder] = useRestoreOrderMutation();
  const [restoreShelfRing] = useRestoreShelfRingMutation();
  const [restoreDiscount] = useRestoreDiscountMutation();
  const [restoreSizer] = useRestoreSizerMutation();
  const [restoreScrap] = useRestoreScrapMutation();
  const [restoreDevice] = useRestoreDeviceMutation();
  const restore = {
    stock: restoreStock,
    tool: restoreTool,
    ring: restoreRing,
    'die-chart': restoreDieChart,
    recipe: restoreRecipe,
    photo: restorePhoto,
    person: restorePerson,
    order: restoreOrder,
    'shelf-ring': restoreShelfRing,
    discount: restoreDiscount,
    sizer: restoreSizer,
    scrap: restoreScrap,
    device: restoreDevice,
  };
  const [setFace] = useSetFaceMutation();
  const [setTop] = useSetTopMutation();
  const log = useLogEvents();
  const { undo, problem, text } = notice;
  const takeBack = () => {
    if (undo?.kind === 'events') {
      log(
        ...undo.events.map(({ ringId, eventId }) => ({ ringId, body: { kind: 'undone', eventId } as const })),
      );
    } else if (undo?.kind === 'face') {
      void setFace({ stockId: undo.stockId, face: undo.face, input: { id: undo.id } });
    } else if (undo?.kind === 'top') {
      void setTop({ stockId: undo.stockId, input: { id: undo.id, outline: undo.outline } });
    } else if (undo) void restore[undo.kind](undo.id);
    onClose();
  };
  return (
    <View
      role={problem ? 'alert' : 'status'}
      className={`flex-row items-center gap-3 border-t-2 bg-fold px-4 py-1 ${problem ? 'border-stop' : 'border-ink'}`}
    >
      <Type className="flex-1">{problem ? `✕ ${text}` : text}</Type>
      {undo ? <TextButton label="Undo" onPress={takeBack} /> : null}
      <TextButton label="Close" describe="Close this line" onPress={onClose} />
    </View>
  );
}
