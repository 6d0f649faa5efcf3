import { faces } from '@round-mint/contract/endpoints-workshop';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { useContext } from 'react';
import { Image, View } from 'react-native';
import { addressOf } from '@/store/call';
import { LightContext, usePalette } from '@/theme/light';

interface FaceImageProps {
  faceId: string | undefined;
  face: PieceFace;
  /** Across, px. */
  size: number;
  /** Whose face it is; left out where its name stands beside it. */
  of?: string;
  testID?: string;
}

/** Where a face's picture is, no larger than it is shown. */
export function faceAddress(faceId: string, size: number): string {
  const address = addressOf(faces.file, { id: faceId });
  if (size <= 64) return `${address}?sidePx=128`;
  return size <= 256 ? `${address}?sidePx=512` : address;
}

/** A face of a piece, round as it is; an empty circle where there is no picture of it. */
export function FaceImage({ faceId, face, size, of, testID }: FaceImageProps) {
  const { line, fold } = usePalette();
  const light = useContext(LightContext);
  const round = { width: size, height: size, borderRadius: size / 2, borderColor: line, borderWidth: 1 };
  if (faceId === undefined) {
    return (
      <View aria-hidden testID={testID} style={{ ...round, backgroundColor: fold, borderStyle: 'dashed' }} />
    );
  }
  return (
    <Image
      source={{ uri: faceAddress(faceId, size) }}
      testID={testID}
      // In Torch light nothing may shine as bright as paper.
      style={light === 'torch' ? { ...round, opacity: 0.55 } : round}
      {...(of === undefined ? { 'aria-hidden': true } : { accessibilityLabel: `The ${face} of ${of}` })}
    />
  );
}
