import { useEffect, useState } from 'react';

/** What pictures may be, as a file input takes it. */
export const PICTURE_FILES = 'image/jpeg,image/png,image/webp';

/** A photograph that was just taken, and what was seen in it. */
export type LookedAt<T> = T & {
  readonly file: File;
  /** Where the browser shows it from. */
  readonly address: string;
};

/** A photograph and what is found in it; it says so when a file is none. @param lookAt throws for what is no picture */
export function useLookedAt<T extends object>(lookAt: (file: File) => Promise<T>) {
  const [photo, setPhoto] = useState<LookedAt<T>>();
  const [isLooking, setLooking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const address = photo?.address;
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  const take = async (file: File) => {
    setProblem(undefined);
    setLooking(true);
    try {
      setPhoto({ ...(await lookAt(file)), file, address: URL.createObjectURL(file) });
    } catch {
      setProblem('This file is no picture that the browser can read: JPEG, PNG and WebP are.');
    } finally {
      setLooking(false);
    }
  };
  return { photo, isLooking, problem, take, forget: () => setPhoto(undefined) };
}
