import type { Gauge } from '@round-mint/core/bench';
import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { gaugeReading } from './gauge-reading';

interface SoftnessGaugeProps {
  gauges: readonly Gauge[];
  allowanceStrainLog: number;
  /** Only the bars, for lists. */
  compact?: boolean;
  /** What must not be heated is never told to be annealed. */
  mayAnneal?: boolean;
  testID?: string;
}

const BAR_HEIGHT = 18;

/** For each edge, or each band, how much of the strain that the metal bears was taken since the last anneal. */
export function SoftnessGauge({
  gauges,
  allowanceStrainLog,
  compact = false,
  mayAnneal = true,
  testID,
}: SoftnessGaugeProps) {
  const palette = usePalette();
  const bars = gauges.map(({ name, spentStrainLog }) => ({
    name,
    ...gaugeReading(spentStrainLog, allowanceStrainLog),
  }));
  return (
    <View testID={testID} className="gap-1">
      {bars.map(({ name, percent, fill, full }) => (
        <View
          key={name}
          role="meter"
          aria-label={`${name}: strain since the last anneal`}
          aria-valuenow={percent}
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuetext={`${percent}% used${full ? (mayAnneal ? ', anneal now' : ', full') : ''}`}
          className="flex-row items-center gap-3"
        >
          <Type as={compact ? 'small' : 'label'} className="w-[84px]">
            {name}
          </Type>
          <View className="h-[18px] flex-1">
            <Svg width="100%" height={BAR_HEIGHT}>
              <Rect
                x="0"
                y="0"
                width="100%"
                height={BAR_HEIGHT}
                fill="none"
                stroke={palette.soft}
                strokeWidth="2"
              />
              <Rect
                x="0"
                y="0"
                width={`${fill * 100}%`}
                height={BAR_HEIGHT}
                fill={full ? palette.stop : palette.heat}
              />
              {[25, 50, 75].map((x) => (
                <Line key={x} x1={`${x}%`} x2={`${x}%`} y1="0" y2="5" stroke={palette.ink} strokeWidth="1" />
              ))}
            </Svg>
          </View>
          <Type as="label" className="w-[44px] text-right">
            {`${percent}%`}
          </Type>
        </View>
      ))}
      {compact ? null : (
        <Type as="small">
          {bars.some(({ full }) => full)
            ? mayAnneal
              ? '✕ More than this metal bears: anneal now.'
              : '✕ More than this metal bears, and it cannot be softened.'
            : 'Used of what this metal bears between anneals'}
        </Type>
      )}
    </View>
  );
}
