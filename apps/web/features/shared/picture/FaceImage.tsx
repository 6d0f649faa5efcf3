import type { PieceFace } from '@round-mint/contract/stock-faces';
import { useContext } from 'react';
import { Image, View } from 'react-native';
import { LightContext, usePalette } from '@/theme/light';
import { faceAddress } from './face-address';

interface FaceImageProps {
  faceId: string | undefined;
  face: PieceFace;
  /** Across, px. */
  size: number;
  /** Whose face it is; left out where its name stands beside it. */
  of?: string;
  testID?: string;
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
