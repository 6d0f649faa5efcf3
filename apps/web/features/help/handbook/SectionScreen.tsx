import { Link, useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef } from 'react';
import { Pressable, View } from 'react-native';
import { useWidthClass } from '@/features/shared/screen/use-width';
import type { Section } from '@/markdown/page';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { ScrollArea } from '@/ui/ScrollArea';
import { Type } from '@/ui/Type';
import { bringIntoView } from '@/ui/bring-into-view';
import { Empty } from '@/ui/Waiting';
import { Blocks } from './Blocks';
import { Contents } from './Contents';
import { chapterAt, type Chapter } from './handbook-model';
import { SectionFigure, SectionTable } from './SectionFigure';

/** A part with its text and, where there is one, its figure. */
function Part({ section, isChapter, isWanted }: { section: Section; isChapter: boolean; isWanted: boolean }) {
  const ref = useRef<View>(null);
  const isBeside = useWidthClass() !== 'phone' && section.blocks.length > 0;
  useEffect(() => {
    if (isWanted && !isChapter) bringIntoView(ref);
  }, [isWanted, isChapter]);
  return (
    <View ref={ref} className="gap-2 pb-2" testID={`section-${section.id}`}>
      {isChapter ? null : <Type as="heading">{section.title}</Type>}
      <View className={isBeside ? 'flex-row-reverse items-start gap-6' : 'gap-3'}>
        <SectionFigure section={section.id} />
        <View className="min-w-0 flex-1">
          <Blocks blocks={section.blocks} />
        </View>
      </View>
      <SectionTable section={section.id} />
    </View>
  );
}

function ChapterLink({ chapter, label }: { chapter: Chapter | undefined; label: string }) {
  if (!chapter) return <View className="flex-1" />;
  return (
    <Link href={{ pathname: '/help/[section]', params: { section: chapter.id } }} asChild>
      <Pressable className="min-h-[56px] flex-1 justify-center border-t border-line active:opacity-70">
        <Type as="small">{label}</Type>
        <Type as="strong">{`${chapter.id} ${chapter.title}`}</Type>
      </Pressable>
    </Link>
  );
}

/** A chapter of the handbook, opened at the part that was asked for. */
export function SectionScreen() {
  const { section: wanted } = useLocalSearchParams<{ section: string }>();
  const router = useRouter();
  const wide = useWidthClass() === 'wide';
  const at = chapterAt(wanted);
  if (!at) {
    return (
      <Screen maxWidth={760} header={<Type as="title">Handbook</Type>}>
        <Empty title="The handbook has no such section.">It may have another name now.</Empty>
        <Button label="Open the handbook" onPress={() => router.replace('/help')} />
      </Screen>
    );
  }
  const { chapter, before, after } = at;
  const page = (
    <Screen
      maxWidth={920}
      testID="handbook-section"
      header={
        <View>
          <Link href="/help" asChild>
            <Pressable className="min-h-[44px] justify-center self-start active:opacity-70">
              <Type as="small" className="text-ink underline">
                Handbook
              </Type>
            </Pressable>
          </Link>
          <Type as="title">{`${chapter.id} ${chapter.title}`}</Type>
        </View>
      }
    >
      {chapter.sections.map((section) => (
        <Part
          key={section.id}
          section={section}
          isChapter={section.id === chapter.id}
          isWanted={section.id === wanted}
        />
      ))}
      <View className="flex-row gap-4">
        <ChapterLink chapter={before} label="Before" />
        <ChapterLink chapter={after} label="Next" />
      </View>
    </Screen>
  );
  if (!wide) return page;
  return (
    <View className="flex-1 flex-row">
      <View className="w-[320px] border-r border-line">
        <ScrollArea contentContainerClassName="px-4 py-3">
          <Contents here={chapter.id} />
        </ScrollArea>
      </View>
      <View className="min-w-0 flex-1">{page}</View>
    </View>
  );
}
