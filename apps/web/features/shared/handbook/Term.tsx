import { useState } from 'react';
import { Pressable } from 'react-native';
import { Type } from '@/ui/Type';
import { MeaningSheet } from './MeaningSheet';

interface TermProps {
  /** The word, as docs/glossary.md has it. */
  word: string;
  /** What is shown and tapped; left out, the word itself. */
  children?: string;
}

/** A special word that stands alone, underlined with dots: a tap tells what it means. */
export function Term({ word, children = word }: TermProps) {
  const [asked, setAsked] = useState<string>();
  return (
    <>
      <Pressable
        role="button"
        aria-label={`${children}: what is it?`}
        onPress={() => setAsked(word)}
        className="min-h-[44px] justify-center active:opacity-70"
      >
        <Type as="small" className="underline decoration-dotted">
          {children}
        </Type>
      </Pressable>
      <MeaningSheet word={asked} onClose={() => setAsked(undefined)} />
    </>
  );
}
