import { faceMap, wallLineOfOutline } from '@round-mint/core/faces';
import { bandSize, type BandScene } from '@round-mint/core/ring-picture';
import { useContext, useEffect, useMemo, useRef, useState } from 'react';
import { Pressable, ScrollView, View, type GestureResponderEvent } from 'react-native';
import Svg, { Line, Text } from 'react-native-svg';
import { LightContext, usePalette } from '@/theme/light';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { OWN_DRAG } from '@/ui/use-swipe';
import { useJob } from '@/workers/use-job';
import { PictureCanvas } from './PictureCanvas';

interface BandUnrolledProps {
  scene: BandScene | undefined;
  /** A finer scene follows: there is no use in drawing this one. */
  isFirstLook?: boolean | undefined;
  side: BandScene['side'];
  onSide: (side: BandScene['side']) => void;
  length: (mm: number) => string;
  /** Told where round the ring the maker has tapped: clockwise from the top of the outside face, degrees. */
  onTap: (roundDeg: number) => void;
  /** What of this side is seen in the middle of the ring's picture. */
  seenDeg: number;
}

/** A band is drawn so many times as large as it is. */
const PX_PER_MM = 11;
/** Pixels of its picture for one of the page. */
const FINE = 1.5;
/** The ring above it is drawn first. */
const SETTLE_MS = 300;
/** In Torch light nothing may shine as bright as paper. */
const DIMMED = { filter: 'sepia(0.7) brightness(0.42)' } as const;

/** Where every millimetre of the flat face has come to, and how it is drawn out there. */
function gridOf(scene: BandScene) {
  const map = faceMap(wallLineOfOutline(scene.outline), { side: scene.side });
  const first = Math.ceil(map.holeRadiusMm + 0.2);
  return Array.from({ length: Math.max(0, Math.floor(map.rimRadiusMm) - first + 1) }, (_, i) => {
    const faceMm = first + i;
    const place = map.toBand({ radiusMm: faceMm, angleDeg: 0 });
    return {
      faceMm,
      heightMm: place?.heightMm ?? 0,
      round: place?.stretchRound ?? 1,
      across: place?.stretchAcross ?? 1,
    };
  });
}

interface Stretch {
  readonly round: number;
  readonly across: number;
}

function stretchWords({ round, across }: Stretch): string {
  return `round ×${round.toFixed(2)} · across ×${across.toFixed(2)}`;
}

/** Wherever the band is panned to, one of its labels is in sight: at these shares of its length. */
const LABELS_AT = [0, 0.25, 0.5, 0.75] as const;

/** Lines that were a millimetre apart on the face, and every 15° of it. */
function StretchGrid({ scene, width, height }: { scene: BandScene; width: number; height: number }) {
  const { force, ink, paper } = usePalette();
  const rows = useMemo(() => gridOf(scene), [scene]);
  const everyMm = rows.length > 6 ? 2 : 1;
  const [cut, rim] = [rows[0], rows.at(-1)];
  return (
    <Svg
      width={width}
      height={height}
      style={{ position: 'absolute', left: 0, top: 0 }}
      role="img"
      aria-label={`Drawn out by the cut edge: ${cut ? stretchWords(cut) : ''}; by the rim edge: ${rim ? stretchWords(rim) : ''}`}
    >
      {Array.from({ length: 25 }, (_, i) => (
        <Line
          key={i}
          x1={(width * i) / 24}
          x2={(width * i) / 24}
          y1={0}
          y2={height}
          stroke={force}
          strokeWidth="0.8"
        />
      ))}
      {rows.map(({ faceMm, heightMm }) => {
        const y = height - heightMm * PX_PER_MM;
        return <Line key={faceMm} x1={0} x2={width} y1={y} y2={y} stroke={force} strokeWidth="0.8" />;
      })}
      {rows
        .filter((_, i) => i % everyMm === 0)
        .flatMap((row) => LABELS_AT.map((share) => ({ row, x: share * width + 8 })))
        .map(({ row, x }) => (
          <Text
            key={`${row.faceMm} ${x}`}
            x={x}
            y={height - row.heightMm * PX_PER_MM + 5}
            fill={ink}
            stroke={paper}
            strokeWidth="3"
            fontFamily="Barlow_600SemiBold"
            fontSize="14"
            {...{ paintOrder: 'stroke' }}
          >
            {stretchWords(row)}
          </Text>
        ))}
    </Svg>
  );
}

/** The band's picture, laid on the page as soon as it is drawn. */
function BandCanvas({
  scene,
  isFirstLook,
  width,
  height,
}: {
  scene: BandScene;
  isFirstLook: boolean;
  width: number;
  height: number;
}) {
  const light = useContext(LightContext);
  const question = useMemo(
    () => (isFirstLook ? undefined : { scene, pxPerMm: PX_PER_MM * FINE }),
    [scene, isFirstLook],
  );
  const { answer } = useJob('band', question, SETTLE_MS);
  return (
    <PictureCanvas
      picture={answer}
      width={width}
      height={height}
      {...(light === 'torch' ? { style: DIMMED } : {})}
    />
  );
}

/**
 * A side of the band laid flat, to scale, to be panned along: it follows the ring as that is turned, and a tap on a letter
 * turns the ring to it.
 */
export function BandUnrolled({
  scene,
  isFirstLook = false,
  side,
  onSide,
  length,
  onTap,
  seenDeg,
}: BandUnrolledProps) {
  const [hasGrid, setGrid] = useState(false);
  const [seenPx, setSeen] = useState(0);
  const scroll = useRef<ScrollView>(null);
  const { heat } = usePalette();
  const size = useMemo(() => (scene ? bandSize(scene) : undefined), [scene]);
  const [width, height] = [(size?.lengthMm ?? 0) * PX_PER_MM, (size?.widthMm ?? 0) * PX_PER_MM];
  const tap = ({ nativeEvent }: GestureResponderEvent) => {
    const share = nativeEvent.locationX / width - 0.5;
    onTap((side === 'inside' ? -360 : 360) * share);
  };
  const front = (((side === 'inside' ? -seenDeg : seenDeg) / 360 + 0.5 + 10) % 1) * width;
  useEffect(() => {
    scroll.current?.scrollTo({ x: Math.max(0, front - seenPx / 2), animated: false });
  }, [front, seenPx]);
  const other = side === 'outside' ? 'inside' : 'outside';
  const words = size ? `${length(size.widthMm)} × ${length(size.lengthMm)}` : '';
  return (
    <View className="gap-1">
      <View {...OWN_DRAG}>
        <ScrollView
          ref={scroll}
          horizontal
          onLayout={({ nativeEvent }) => setSeen(nativeEvent.layout.width)}
          testID="band-unrolled"
          className="border-y border-line"
          style={{ minHeight: height }}
        >
          {scene && size ? (
            <Pressable
              role="img"
              aria-label={`The ${side} of the band, laid flat: ${words}`}
              onPress={tap}
              style={{ width, height }}
            >
              <BandCanvas scene={scene} isFirstLook={isFirstLook} width={width} height={height} />
              {hasGrid ? <StretchGrid scene={scene} width={width} height={height} /> : null}
              <View
                aria-hidden
                style={{
                  position: 'absolute',
                  left: front - 1,
                  top: 0,
                  width: 2,
                  height,
                  backgroundColor: heat,
                }}
              />
            </Pressable>
          ) : null}
        </ScrollView>
      </View>
      <View className="flex-row items-center justify-between gap-3">
        <Type as="small" className="flex-1">{`${side} surface laid flat: ${words} round`}</Type>
        <TextButton
          label={hasGrid ? 'hide stretch' : 'stretch'}
          describe={hasGrid ? 'Hide how it is stretched' : 'Show how it is stretched'}
          onPress={() => setGrid(!hasGrid)}
        />
        <TextButton
          label={`see ${other}`}
          describe={`See the ${other} of the band`}
          onPress={() => onSide(other)}
        />
      </View>
    </View>
  );
}
