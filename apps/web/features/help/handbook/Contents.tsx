import { Link, type Href } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';
import { CHAPTERS } from './handbook-model';

interface ContentsRowProps {
  href: Href;
  number: string;
  title: string;
  parts: string;
  isHere: boolean;
}

function ContentsRow({ href, number, title, parts, isHere }: ContentsRowProps) {
  return (
    <View role="listitem">
      <Link href={href} asChild>
        <Pressable
          aria-current={isHere ? 'page' : undefined}
          className={`min-h-[56px] flex-row items-center gap-3 border-b border-line py-2 active:opacity-70 ${isHere ? 'bg-fold' : ''}`}
        >
          <Type as="strong" className="w-8 pl-1 font-slab text-soft">
            {number}
          </Type>
          <View className="min-w-0 flex-1">
            <Type as="strong">{title}</Type>
            {parts ? <Type as="small">{parts}</Type> : null}
          </View>
        </Pressable>
      </Link>
    </View>
  );
}

interface ContentsProps {
  /** The chapter that is open beside it. */
  here?: string;
}

/** The chapters with what is in them. */
export function Contents({ here }: ContentsProps) {
  return (
    <View role="list" aria-label="Contents">
      <ContentsRow
        href="/help/words"
        number=""
        title="Words"
        parts="What the special words mean"
        isHere={false}
      />
      <ContentsRow
        href="/help/keys"
        number=""
        title="Keys and gestures"
        parts="What a keyboard and fingers do"
        isHere={false}
      />
      {CHAPTERS.map(({ id, title, sections }) => (
        <ContentsRow
          key={id}
          href={{ pathname: '/help/[section]', params: { section: id } }}
          number={id}
          title={title}
          parts={sections
            .slice(1)
            .map((part) => part.title)
            .join(' · ')}
          isHere={id === here}
        />
      ))}
    </View>
  );
}
