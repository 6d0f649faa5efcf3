import { useEffect, useMemo, useState } from 'react';
import type { PicturedRing } from '@/features/shared/picture/pictured-ring';
import { base64Of } from '@/ui/base64';
import { forPaper } from './use-order-picture';

/** The computed ring, as it may go along with a letter. */
export interface LetterPicture {
  /** Undefined while it is drawn. */
  readonly address: string | undefined;
  readonly goes: boolean;
  readonly setGoes: (goes: boolean) => void;
  /** As a letter takes them: the ring and its band, JPEG in base64. */
  readonly files: () => Promise<string[]>;
}

const jpegFile = (jpeg: Uint8Array) => new Blob([new Uint8Array(jpeg)], { type: 'image/jpeg' });

/** Draws the ring of a letter as soon as the letter is open; nothing where no ring is planned. */
export function useLetterPicture(pictured: PicturedRing | undefined): LetterPicture | undefined {
  const [goes, setGoes] = useState(true);
  const pictures = useMemo(() => (pictured ? forPaper(pictured) : undefined), [pictured]);
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    if (!pictures) return;
    let made: string | undefined;
    let isOver = false;
    const show = async () => {
      const [ring] = await pictures;
      if (isOver || !ring) return;
      made = URL.createObjectURL(jpegFile(ring.jpeg));
      setAddress(made);
    };
    // Without a picture the letter says all the same things.
    show().catch(() => setGoes(false));
    return () => {
      isOver = true;
      if (made !== undefined) URL.revokeObjectURL(made);
    };
  }, [pictures]);
  if (!pictures) return undefined;
  return {
    address,
    goes,
    setGoes,
    files: async () => Promise.all((await pictures).map(({ jpeg }) => base64Of(jpegFile(jpeg)))),
  };
}
