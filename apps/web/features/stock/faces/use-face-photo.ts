import type { Ellipse } from '@round-mint/core/photo';
import { useEffect, useState } from 'react';
import { readPixels } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import { enlarged, middleCircle } from './rim-model';

/** A photograph of a face that was just taken. */
export interface FacePhoto {
  readonly file: File;
  /** Where the browser shows it from. */
  readonly address: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly rim: Ellipse;
  /** How it was found: surely, perhaps, or not at all. */
  readonly found: 'sure' | 'unsure' | 'none';
}

/** As fine as the rim is measured: more pixels only take longer. */
const LOOK_PX = 1600;

async function lookAt(file: File): Promise<Omit<FacePhoto, 'address'>> {
  const { fileWidthPx: widthPx, fileHeightPx: heightPx, ...small } = await readPixels(file, LOOK_PX);
  const found = await startJob('rim', small, () => undefined).answer;
  return {
    file,
    widthPx,
    heightPx,
    rim: found ? enlarged(found.ellipse, widthPx / small.widthPx) : middleCircle(widthPx, heightPx),
    found: found ? (found.sure ? 'sure' : 'unsure') : 'none',
  };
}

/** A photograph and the rim in it; it says so when a file is none. */
export function useFacePhoto() {
  const [photo, setPhoto] = useState<FacePhoto>();
  const [isLooking, setLooking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const address = photo?.address;
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  const take = async (file: File) => {
    setProblem(undefined);
    setLooking(true);
    try {
      setPhoto({ ...(await lookAt(file)), address: URL.createObjectURL(file) });
    } catch {
      setProblem('This file is no picture that the browser can read: JPEG, PNG and WebP are.');
    } finally {
      setLooking(false);
    }
  };
  return { photo, isLooking, problem, take, forget: () => setPhoto(undefined) };
}
