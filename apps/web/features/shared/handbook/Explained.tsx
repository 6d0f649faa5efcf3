import { useState } from 'react';
import { Text } from 'react-native';
import { MeaningSheet } from './MeaningSheet';
import { specialWordsIn } from './special-words';

/** Words within a text of the app; those that are special are underlined with dots, and a tap tells what they mean. */
export function Explained({ children }: { children: string }) {
  const [word, setWord] = useState<string>();
  const parts = specialWordsIn(children);
  if (parts.every((part) => typeof part === 'string')) return children;
  return (
    <>
      {parts.map((part, i) =>
        typeof part === 'string' ? (
          part
        ) : (
          <Text
            key={i}
            role="button"
            aria-label={`${part.text}: what is it?`}
            onPress={() => setWord(part.word)}
            className="underline decoration-dotted"
          >
            {part.text}
          </Text>
        ),
      )}
      <MeaningSheet word={word} onClose={() => setWord(undefined)} />
    </>
  );
}
