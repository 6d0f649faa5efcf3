import { useContext, useEffect, useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { LightContext, usePalette } from '@/theme/light';
import { loadQr } from '@/features/shared/print/load-qr';
import { qrPath, type QrShape } from '@/features/shared/print/qr-path';

/** Light cells round the code, which a camera needs. */
const QUIET = 4;

/** An address for a camera. Dark on light in both lights: many cameras read nothing else. */
export function QrCode({ text, size = 220 }: { text: string; size?: number }) {
  const { paper, ink } = usePalette();
  const [light, dark] = useContext(LightContext) === 'torch' ? [ink, paper] : [paper, ink];
  const [shape, setShape] = useState<QrShape>();
  useEffect(() => {
    let wanted = true;
    void loadQr().then(({ create }) => {
      if (wanted) setShape(qrPath(create(text, { errorCorrectionLevel: 'M' }).modules));
    });
    return () => {
      wanted = false;
    };
  }, [text]);
  const cells = (shape?.size ?? 29) + 2 * QUIET;
  return (
    <View
      role="img"
      aria-label={`Code for a camera: ${text}`}
      style={{ width: size, height: size }}
      testID="qr-code"
    >
      <Svg width={size} height={size} viewBox={`${-QUIET} ${-QUIET} ${cells} ${cells}`}>
        <Rect x={-QUIET} y={-QUIET} width={cells} height={cells} fill={light} />
        {shape ? <Path d={shape.path} fill={dark} /> : null}
      </Svg>
    </View>
  );
}
