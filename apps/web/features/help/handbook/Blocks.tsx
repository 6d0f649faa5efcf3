import { Link } from 'expo-router';
import { ScrollView, View, type TextStyle } from 'react-native';
import { plainText, type Block, type Inline, type Sentence } from '@/markdown/page';
import { Explained } from '@/features/shared/handbook/Explained';
import { Type } from '@/ui/Type';

const LOOKS: Readonly<Record<Inline['as'], string>> = {
  text: '',
  strong: 'font-strong',
  em: 'text-soft',
  code: 'font-medium',
  sup: 'text-xs',
  sub: 'text-xs',
  section: 'underline',
};

/** Letters of a formula above or below the line; the browser moves them without spreading the lines. */
const RAISED: Partial<Readonly<Record<Inline['as'], TextStyle>>> = {
  sup: { position: 'relative', top: -5 },
  sub: { position: 'relative', top: 3 },
};

function Words({ of }: { of: Sentence }) {
  return of.map((inline, i) =>
    inline.as === 'section' ? (
      <Link key={i} href={{ pathname: '/help/[section]', params: { section: inline.to } }}>
        <Type className={LOOKS.section}>{inline.text}</Type>
      </Link>
    ) : (
      <Type key={i} className={LOOKS[inline.as]} style={RAISED[inline.as]}>
        {inline.as === 'text' ? <Explained>{inline.text}</Explained> : inline.text}
      </Type>
    ),
  );
}

function Table({ head, rows }: Extract<Block, { kind: 'table' }>) {
  const row = (cells: readonly Sentence[], key: number, role: 'columnheader' | 'cell') => (
    <View key={key} role="row" className="flex-row gap-3 border-b border-line py-2">
      {cells.map((cell, i) => (
        <View key={i} role={role} className={i === 0 ? 'flex-[3]' : 'flex-[2]'}>
          <Type as={role === 'cell' ? 'body' : 'label'}>{plainText(cell)}</Type>
        </View>
      ))}
    </View>
  );
  return (
    <ScrollView horizontal contentContainerClassName="min-w-full">
      <View role="table" className="min-w-[340px] flex-1">
        {row(head, -1, 'columnheader')}
        {rows.map((cells, i) => row(cells, i, 'cell'))}
      </View>
    </ScrollView>
  );
}

/** Text of the handbook. */
export function Blocks({ blocks }: { blocks: readonly Block[] }) {
  return (
    <View className="gap-3">
      {blocks.map((block, i) => {
        if (block.kind === 'table') return <Table key={i} {...block} />;
        if (block.kind === 'paragraph') {
          return (
            <Type key={i}>
              <Words of={block.text} />
            </Type>
          );
        }
        return (
          <View key={i} role="list" className="gap-1.5">
            {block.items.map((item, at) => (
              <View key={at} role="listitem" className="flex-row gap-2">
                <Type aria-hidden>–</Type>
                <Type className="flex-1">
                  <Words of={item} />
                </Type>
              </View>
            ))}
          </View>
        );
      })}
    </View>
  );
}
