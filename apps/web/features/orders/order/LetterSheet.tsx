import type { MessageInput } from '@round-mint/contract/outbox';
import type { Letter } from '@round-mint/core/trade';
import { useState, type ReactNode } from 'react';
import { useCopy } from '@/features/shared/screen/use-copy';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { LetterPictureChoice } from './LetterPictureChoice';
import type { LetterPicture } from './use-letter-picture';
import { usePostLetter } from './use-post-letter';

interface LetterSheetProps {
  title: string;
  letter: Letter;
  about: Omit<MessageInput, 'id' | 'subject' | 'text' | 'computedPictures'>;
  /** The computed ring, where one may go along. */
  picture?: LetterPicture | undefined;
  /** The main action: "Put the quote into the outbox". */
  action: string;
  onClose: () => void;
  /** Done before the letter goes; false keeps it back. */
  before?: () => Promise<boolean>;
  /** Why it cannot go yet. */
  missing?: string | undefined;
  children?: ReactNode;
}

/** A letter as it would go out; every word can be changed, and it can be copied instead. */
export function LetterSheet({
  title,
  letter,
  about,
  picture,
  action,
  onClose,
  before,
  missing,
  children,
}: LetterSheetProps) {
  const { send, busy, problem } = usePostLetter();
  // Until a word is changed, the letter follows what it is made of: a price, a date, a reading.
  const [changed, setChanged] = useState<Partial<Letter>>({});
  const { subject, text } = { ...letter, ...changed };
  const go = async () => {
    if (before && !(await before())) return;
    const computedPictures = picture?.goes ? await picture.files() : [];
    if (await send({ ...about, computedPictures, subject, text })) onClose();
  };
  const copyOut = useCopy();
  const copy = () => copyOut(text, 'The letter was');
  return (
    <Sheet
      title={title}
      open
      onClose={onClose}
      footer={
        <Button
          look="main"
          label={action}
          disabled={busy || missing !== undefined}
          onPress={() => void go()}
        />
      }
    >
      {children}
      {picture ? <LetterPictureChoice picture={picture} /> : null}
      {missing ? <Notice level="warn" title={missing} /> : null}
      <Field
        label="Subject"
        value={subject}
        onChangeText={(words) => setChanged({ ...changed, subject: words })}
      />
      <Field
        label="Letter"
        value={text}
        onChangeText={(words) => setChanged({ ...changed, text: words })}
        multiline
        style={{ minHeight: 260 }}
        testID="letter-text"
      />
      {problem ? <Notice level="stop" title={problem} live /> : null}
      <Button label="Copy the words" onPress={() => void copy()} />
      <Type as="small">It is kept in the outbox as a mail file; nothing leaves this machine.</Type>
    </Sheet>
  );
}
