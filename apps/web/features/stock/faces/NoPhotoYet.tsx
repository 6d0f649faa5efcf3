import type { ReactNode } from 'react';
import { TakePicture } from '@/features/shared/picture/TakePicture';
import type { useLookedAt } from '@/features/shared/picture/use-looked-at';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';

interface NoPhotoYetProps {
  looked: Pick<ReturnType<typeof useLookedAt<object>>, 'isLooking' | 'problem' | 'take'>;
  /** What is looked for in it: "the rim". */
  what: string;
  /** How the picture is to be taken, and what of it is kept. */
  hint: string;
  /** Left out where there is no picture to be taken off. */
  onTakeOff?: (() => void) | undefined;
  children?: ReactNode;
}

/** A picture to be taken or chosen, looked at as soon as it is there; and the one there is, to be taken off. */
export function NoPhotoYet({ looked, what, hint, onTakeOff, children }: NoPhotoYetProps) {
  const { isLooking, problem, take } = looked;
  return (
    <>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {isLooking ? <Type role="status">{`Looking for ${what} …`}</Type> : null}
      <TakePicture disabled={isLooking} onFile={(file) => void take(file)} />
      <Type as="small">{hint}</Type>
      {children}
      {onTakeOff ? <Button look="stop" label="Take the picture off" onPress={onTakeOff} /> : null}
    </>
  );
}
