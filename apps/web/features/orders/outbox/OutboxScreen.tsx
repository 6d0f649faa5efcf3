import type { Message } from '@round-mint/contract/outbox';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Image, Linking, Pressable, ScrollView, View } from 'react-native';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { photos as photoCalls } from '@round-mint/contract/endpoints-bench';
import { outbox as outboxCalls } from '@round-mint/contract/endpoints-trade';
import { momentOf } from '@/features/shared/words/dates';
import { addressOf } from '@/store/call';
import { ALL, usePages, type Paged } from '@/store/lists';
import { lookUp, oneOf } from '@/store/use-one';
import { useGetMessageQuery, useMessagePagesInfiniteQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { ScrollArea } from '@/ui/ScrollArea';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { Empty, Fetched } from '@/ui/Waiting';

const ROW_PX = 61;

const KIND_WORDS: Readonly<Record<Message['kind'], string>> = {
  quote: 'quote',
  refusal: 'turned down',
  approval: 'approval asked',
  exchange: 'part exchange',
  'close-out': 'close-out',
  other: 'letter',
};

/** Letters to customers. Nothing leaves the machine: each lies here as a mail file. */
export function OutboxScreen() {
  const list = usePages(useMessagePagesInfiniteQuery(ALL));
  return (
    <Fetched from={list} what="the outbox">
      {() => <Outbox list={list} />}
    </Fetched>
  );
}

function LetterView({ letter }: { letter: Message }) {
  const router = useRouter();
  const { orderId } = letter;
  return (
    <View className="gap-3" testID="letter">
      <View className="gap-0.5 border-b border-line pb-2">
        <Type as="small">{`To ${letter.toName} <${letter.toAddress}>`}</Type>
        <Type as="small">{momentOf(letter.at)}</Type>
      </View>
      <Type>{letter.text}</Type>
      {letter.photoIds.map((id) => (
        <Image
          key={id}
          source={{ uri: addressOf(photoCalls.file, { id }) }}
          accessibilityLabel="The picture that goes along"
          style={{ width: '100%', maxWidth: 360, aspectRatio: 4 / 3 }}
          resizeMode="contain"
        />
      ))}
      <View className="flex-row gap-2">
        <View className="flex-1">
          <Button
            label="Mail file"
            describe="Save this letter as a mail file"
            onPress={() => void Linking.openURL(addressOf(outboxCalls.file, { id: letter.id }))}
          />
        </View>
        {orderId ? (
          <View className="flex-1">
            <Button
              label={letter.kind === 'approval' ? 'Log the answer' : 'Its order'}
              onPress={() => router.push({ pathname: '/orders/[id]', params: { id: orderId } })}
            />
          </View>
        ) : null}
      </View>
    </View>
  );
}

interface LetterListProps {
  list: Paged<Message>;
  chosenId: string | undefined;
  onOpen: (id: string) => void;
}

function LetterList({ list, chosenId, onOpen }: LetterListProps) {
  const { data: letters = [] } = list;
  return (
    <VirtualRows
      label="Letters"
      items={letters}
      keyOf={({ id }) => id}
      rowPx={ROW_PX}
      from={list}
      renderRow={({ id, subject, toName, at, kind }) => (
        <View className={`border-b border-line ${chosenId === id ? 'bg-fold' : ''}`}>
          <Pressable
            role="button"
            aria-label={`${subject}, to ${toName}`}
            onPress={() => onOpen(id)}
            className="min-h-[56px] justify-center px-1 py-2 active:opacity-70"
          >
            <View className="flex-row justify-between gap-3">
              <Type as="label" className="flex-1">
                {toName}
              </Type>
              <Type as="small">{`${KIND_WORDS[kind]} · ${momentOf(at)}`}</Type>
            </View>
            <Type as="small">{subject}</Type>
          </Pressable>
        </View>
      )}
    />
  );
}

/** The letter that is open: of the list, or asked for by itself where the list was not read so far. */
function useLetter(list: Paged<Message>, id: string | undefined): Message | undefined {
  const { listed, skip } = lookUp(list, id);
  return oneOf(listed, useGetMessageQuery(id ?? '', { skip })).data;
}

function Outbox({ list }: { list: Paged<Message> }) {
  const { letter: asked } = useLocalSearchParams<{ letter?: string }>();
  const [openId, setOpenId] = useState(asked);
  const wide = useWidthClass() === 'wide';
  const { data: letters = [] } = list;
  const open = useLetter(list, openId) ?? (wide ? letters[0] : undefined);
  const head = (
    <>
      <PlaceHeader title="Outbox" note="Letters as mail files; nothing leaves this machine" />
      <OrdersTabs here="Outbox" />
    </>
  );
  const rows = (
    <>
      {letters.length === 0 ? (
        <Empty title="No letter yet.">
          Quotes, questions and refusals are written from their order: open one under Orders.
        </Empty>
      ) : null}
      <LetterList list={list} chosenId={wide ? open?.id : undefined} onOpen={setOpenId} />
    </>
  );
  if (wide) {
    return (
      <View className="flex-1 flex-row" testID="outbox-screen">
        <View className="min-w-0 flex-1">
          <View className="px-5 pt-4">{head}</View>
          <ScrollArea contentContainerClassName="px-5 pb-6">{rows}</ScrollArea>
        </View>
        <View style={{ width: 520 }} className="border-l border-line">
          <ScrollView contentContainerClassName="gap-2 px-5 py-4">
            {open ? (
              <>
                <Type as="title" aria-level={2}>
                  {open.subject}
                </Type>
                <LetterView letter={open} />
              </>
            ) : null}
          </ScrollView>
        </View>
      </View>
    );
  }
  return (
    <Screen testID="outbox-screen" header={head}>
      {rows}
      {open ? (
        <Sheet title={open.subject} open onClose={() => setOpenId(undefined)}>
          <LetterView letter={open} />
        </Sheet>
      ) : null}
    </Screen>
  );
}
