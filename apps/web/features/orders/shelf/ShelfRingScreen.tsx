import type { ShelfRing } from '@round-mint/contract/shelf';
import { GONE_STATES, shelfProgress } from '@round-mint/core/trade';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { PicturedRingView } from '@/features/shared/picture/PicturedRingView';
import { useBenchPicture } from '@/features/shared/picture/use-bench-picture';
import { PhotoStrip } from '@/features/shared/ring/PhotoStrip';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { TextLink } from '@/features/shared/screen/TextLink';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { momentOf } from '@/features/shared/words/dates';
import { figureFacts, shelfStateWords } from '@/features/shared/words/shelf-words';
import { useGetShelfRingQuery } from '@/store/shelf-api';
import { oneOf } from '@/store/use-one';
import { useRing } from '@/store/use-rings';
import { Button } from '@/ui/Button';
import { FactLine } from '@/ui/FactLine';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { ChangeSheet } from './ChangeSheet';
import { ReserveSheet } from './ReserveSheet';
import { SellSheet } from './SellSheet';
import { shelfHistory } from './shelf-model';
import { textsOf } from './shelf-files';
import { TextsSheet } from './TextsSheet';
import { useShelfLog } from './use-shelf-log';

const PICTURE_PX = 260;

/** Its photographs; where there are none, the ring as it is computed. */
function Pictures({ item: { ringId, ring } }: { item: ShelfRing }) {
  const found = useRing(ringId).data;
  const pictured = useBenchPicture(found);
  if (ring.photoIds.length > 0) return <PhotoStrip ringId={ringId} />;
  if (!pictured) return null;
  return (
    <View className="gap-1">
      <PicturedRingView pictured={pictured} height={PICTURE_PX} />
      <Type as="small">Computed: there is no photograph yet. Its page in the log takes some.</Type>
    </View>
  );
}

type Open = 'sell' | 'reserve' | 'change' | 'texts';

/** What can be done next, in thumb's reach. */
function Actions({ item, onOpen }: { item: ShelfRing; onOpen: (open: Open) => void }) {
  const { tell, busy } = useShelfLog(item);
  const router = useRouter();
  const { lastEventId } = shelfProgress(item.events);
  if (GONE_STATES.includes(item.state)) {
    const { sale } = item;
    const toOrder = (id: string) => router.push({ pathname: '/orders/[id]', params: { id } });
    return (
      <View className="flex-row gap-2">
        {sale ? (
          <Button
            look="main"
            className="flex-1"
            label="Go to its order"
            onPress={() => toOrder(sale.orderId)}
          />
        ) : null}
        {lastEventId ? (
          <Button
            className="flex-1"
            label={sale ? 'Undo the sale' : 'Put it back'}
            disabled={busy}
            onPress={() => void tell({ kind: 'undone', eventId: lastEventId }, 'back on the shelf')}
          />
        ) : null}
      </View>
    );
  }
  return (
    <View className="gap-2">
      <Button
        look="main"
        label="Sell it"
        disabled={busy || !item.finished}
        onPress={() => onOpen('sell')}
        testID="sell"
      />
      <View className="flex-row gap-2">
        {item.state === 'reserved' ? (
          <Button
            className="flex-1"
            label="For sale again"
            disabled={busy}
            onPress={() => void tell({ kind: 'released' }, 'for sale again')}
          />
        ) : (
          <Button className="flex-1" label="Reserve it" disabled={busy} onPress={() => onOpen('reserve')} />
        )}
        <Button className="flex-1" label="Something else …" onPress={() => onOpen('change')} />
      </View>
    </View>
  );
}

function History({ item }: { item: ShelfRing }) {
  const write = useWriters();
  const { tell } = useShelfLog(item);
  const { lastEventId } = shelfProgress(item.events);
  const isHere = !GONE_STATES.includes(item.state);
  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between">
        <Type as="heading">History</Type>
        {lastEventId && isHere ? (
          <TextButton
            label="Undo the last"
            onPress={() => void tell({ kind: 'undone', eventId: lastEventId }, 'taken back')}
          />
        ) : null}
      </View>
      <View role="list" aria-label="History on the shelf">
        {shelfHistory(item, write)
          .toReversed()
          .map(({ id, at, words }) => (
            <FactLine key={id} name={momentOf(at)} value={words} />
          ))}
      </View>
    </View>
  );
}

/** One ring of the shelf: everything a buyer asks, and what happens to it. */
export function ShelfRingScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const found = oneOf<ShelfRing>(undefined, useGetShelfRingQuery(id));
  if (found.isMissing) {
    return (
      <Screen>
        <Empty title="This ring is not on the shelf.">It may have been taken off.</Empty>
      </Screen>
    );
  }
  return (
    <Fetched from={found} what="the ring">
      {(item) => <OneRing item={item} />}
    </Fetched>
  );
}

function OneRing({ item }: { item: ShelfRing }) {
  const write = useWriters();
  const { primarySystem, secondSystem } = useSettings();
  const words = { systems: [primarySystem, secondSystem], write };
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
  return (
    <Screen
      maxWidth={760}
      testID="shelf-ring-screen"
      header={<PlaceHeader title={item.ring.name} note={shelfStateWords(item)} />}
      footer={<Actions item={item} onOpen={setOpen} />}
    >
      <View className="flex-row items-end justify-between gap-3">
        <Type as="figure">{write.money(item.price)}</Type>
        <TextLink href="/orders/shelf" label="The whole shelf" />
      </View>
      <Pictures item={item} />
      <View className="gap-1">
        <View className="flex-row items-center justify-between">
          <Type as="heading">What a buyer reads</Type>
          <TextButton
            label="Story and texts"
            describe="Change its story and texts"
            onPress={() => setOpen('texts')}
          />
        </View>
        {item.story === '' ? null : <Type>{item.story}</Type>}
        <Type as={item.story === '' ? 'body' : 'small'}>{textsOf(item, words).short}</Type>
      </View>
      <View role="list" aria-label="What it is">
        {figureFacts(item.ring, write).map(([name, value]) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
      <TextLink href={{ pathname: '/log/[id]', params: { id: item.ringId } }} label="How it was made" />
      <History item={item} />
      {open === 'sell' ? <SellSheet item={item} onClose={close} /> : null}
      {open === 'reserve' ? <ReserveSheet item={item} onClose={close} /> : null}
      {open === 'change' ? <ChangeSheet item={item} onClose={close} /> : null}
      {open === 'texts' ? (
        <TextsSheet item={item} computed={textsOf({ ...item, texts: null }, words)} onClose={close} />
      ) : null}
    </Screen>
  );
}
