import type { StockItem } from '@round-mint/contract/stock';
import { USUAL_WIDTH_MM } from '@round-mint/core/handle';
import { useState } from 'react';
import { View } from 'react-native';
import { BlankDrawing } from '@/drawings/blank/BlankDrawing';
import { useWriters } from '@/features/shared/settings/use-settings';

const HEIGHT = 180;

/** A handle from above and from the side, to scale. */
export function HandleDrawing({ piece }: { piece: Extract<StockItem, { kind: 'handle' }> }) {
  const [width, setWidth] = useState(0);
  const { length } = useWriters();
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} style={{ height: HEIGHT }}>
      {width > 0 ? (
        <BlankDrawing
          blank={{ stations: piece.stations, bentToMm: null }}
          enamel={piece.enamel}
          widthMm={USUAL_WIDTH_MM}
          width={width}
          height={HEIGHT}
          length={length}
        />
      ) : null}
    </View>
  );
}
