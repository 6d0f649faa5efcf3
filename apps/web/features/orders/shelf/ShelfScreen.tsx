import type { UnplacedRing } from '@round-mint/contract/shelf';
import { parseSize } from '@round-mint/core/size';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PutUpSheet } from '@/features/shared/shelf/PutUpSheet';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { TextLink } from '@/features/shared/screen/TextLink';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { dayAndYear } from '@/features/shared/words/dates';
import { shelfStateWords } from '@/features/shared/words/shelf-words';
import { ALL, usePages } from '@/store/lists';
import {
  useGonePagesInfiniteQuery,
  useListShelfQuery,
  useUnplacedPagesInfiniteQuery,
} from '@/store/shelf-api';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { VirtualRows } from '@/ui/VirtualRows';
import { Empty, Fetched } from '@/ui/Waiting';
import { FilesSheet } from './FilesSheet';
import { ShelfLine } from './ShelfLine';
import { fitWords, shelfNote, shelfRows, type ShelfRow } from './shelf-model';

type Part = 'here' | 'free' | 'gone';

const ROW_PX = 96;

function useToRing() {
  const router = useRouter();
  return (id: string) => router.push({ pathname: '/orders/shelf/[id]', params: { id } });
}

function Rows({ rows, from }: { rows: readonly ShelfRow[]; from?: ReturnType<typeof usePages> }) {
  const write = useWriters();
  const toRing = useToRing();
  return (
    <VirtualRows
      label="Rings"
      items={rows}
      keyOf={({ item }) => item.id}
      rowPx={ROW_PX}
      from={from}
      renderRow={({ item, fit }) => (
        <ShelfLine
          ring={item.ring}
          end={write.money(item.price)}
          note={shelfStateWords(item)}
          fit={fit && fitWords(fit, write)}
          describe={`${item.ring.name}, ${write.money(item.price)}, ${shelfStateWords(item)}`}
          onPress={() => toRing(item.id)}
        />
      )}
    />
  );
}

/** What lies there; a finger's size asks which of them fit. */
function Here({ rows, isAsked }: { rows: readonly ShelfRow[]; isAsked: boolean }) {
  if (rows.length === 0)
    return (
      <Empty title="The shelf is empty.">
        Finished rings that nobody ordered stand under “to put up”. Two taps put one up for sale.
      </Empty>
    );
  const fitting = rows.filter(({ fit }) => fit?.how !== 'no');
  if (isAsked && fitting.length === 0)
    return (
      <>
        <Empty title="None fits.">These are the nearest ones, and why they do not.</Empty>
        <Rows rows={rows} />
      </>
    );
  return <Rows rows={isAsked ? fitting : rows} />;
}

/** Finished rings that could be put up. */
function Free({ onPut }: { onPut: (ring: UnplacedRing) => void }) {
  const list = usePages(useUnplacedPagesInfiniteQuery(ALL));
  return (
    <Fetched from={list} what="the rings">
      {(rings) =>
        rings.length === 0 ? (
          <Empty title="No finished ring is free.">
            One stands here once it is finished at the bench and nobody ordered it.
          </Empty>
        ) : (
          <VirtualRows
            label="Rings"
            items={rings}
            keyOf={({ ringId }) => ringId}
            rowPx={ROW_PX}
            from={list}
            renderRow={(one) => (
              <ShelfLine
                ring={one.ring}
                end="put up"
                note={`finished ${dayAndYear(one.ring.finishedAt)}${one.orderCancelled ? ', its order was cancelled' : ''}`}
                describe={`Put ${one.ring.name} on the shelf`}
                onPress={() => onPut(one)}
              />
            )}
          />
        )
      }
    </Fetched>
  );
}

function Gone() {
  const list = usePages(useGonePagesInfiniteQuery(ALL));
  return (
    <Fetched from={list} what="the rings">
      {(items) =>
        items.length === 0 ? (
          <Empty title="Nothing has left the shelf.">
            What is sold, given away or taken apart stands here.
          </Empty>
        ) : (
          <Rows rows={shelfRows(items, undefined)} from={list} />
        )
      }
    </Fetched>
  );
}

/** Rings that nobody ordered: for sale, gone, or free to be put up. */
export function ShelfScreen() {
  const router = useRouter();
  const write = useWriters();
  const { primarySystem } = useSettings();
  const list = useListShelfQuery();
  const free = usePages(useUnplacedPagesInfiniteQuery(ALL)).data?.length ?? 0;
  const [part, setPart] = useState<Part>('here');
  const [size, setSize] = useState('');
  const [writingOut, setWritingOut] = useState(false);
  const [putting, setPutting] = useState<UnplacedRing>();
  const asked = size.trim() === '' ? undefined : parseSize(size, primarySystem);
  const fingerMm = asked?.ok ? asked.insideDiameterMm : undefined;
  return (
    <Fetched from={list} what="the shelf">
      {(items) => (
        <Screen
          maxWidth={860}
          testID="shelf-screen"
          header={
            <>
              <PlaceHeader title="Shelf" note={shelfNote(items, write)} />
              <OrdersTabs here="Shelf" />
            </>
          }
          footer={
            part === 'here' ? (
              <View className="flex-row gap-2">
                {items.length > 0 ? (
                  <Button
                    className="flex-1"
                    label="For buyers …"
                    describe="Catalogue and files for buyers"
                    onPress={() => setWritingOut(true)}
                  />
                ) : null}
                {items.length > 0 ? (
                  <Button
                    className="flex-1"
                    look="main"
                    label="Market day"
                    onPress={() => router.push('/orders/shelf/market')}
                  />
                ) : (
                  <Button
                    className="flex-1"
                    look="main"
                    label="Put a ring up"
                    onPress={() => setPart('free')}
                  />
                )}
              </View>
            ) : undefined
          }
        >
          <Choices
            label="Which rings"
            choices={[
              { value: 'here', label: 'for sale' },
              { value: 'free', label: free > 0 ? `to put up (${free})` : 'to put up' },
              { value: 'gone', label: 'gone' },
            ]}
            value={part}
            onChange={setPart}
            minWidth={104}
          />
          {part === 'here' && items.length > 0 ? (
            <Field
              label="Does it fit? Finger’s size"
              value={size}
              hint={
                fingerMm === undefined
                  ? 'Such as 8½, Q½ or 57: shows which fit, resizing counted in.'
                  : write.sizeAndLength(fingerMm)
              }
              error={asked && !asked.ok ? asked.message : undefined}
              autoCapitalize="none"
              onChangeText={setSize}
              testID="shelf-finger"
            />
          ) : null}
          {part === 'here' ? (
            <Here rows={shelfRows(items, fingerMm)} isAsked={fingerMm !== undefined} />
          ) : part === 'free' ? (
            <Free onPut={setPutting} />
          ) : (
            <Gone />
          )}
          {writingOut ? <FilesSheet items={items} onClose={() => setWritingOut(false)} /> : null}
          {part === 'here' ? (
            <View className="flex-row flex-wrap gap-x-6">
              <TextLink href="/orders/shelf/next" label="What to make next" />
              <TextLink href="/orders/discounts" label="Discounts" />
            </View>
          ) : null}
          {putting ? (
            <PutUpSheet ring={putting} onClose={() => setPutting(undefined)} onDone={() => setPart('here')} />
          ) : null}
        </Screen>
      )}
    </Fetched>
  );
}
