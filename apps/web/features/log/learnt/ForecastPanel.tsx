import type { LearntAnswer } from '@round-mint/contract/learnt';
import { useState } from 'react';
import { View } from 'react-native';
import { PlaceBars } from '@/drawings/chance/PlaceBars';
import { LabelledChoices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import {
  FORECAST_WORDS,
  insideWords,
  scoreWords,
  verdictWords,
  widthsWords,
  type Calibration,
} from './forecast-words';

function Verdict({ calibration }: { calibration: Calibration }) {
  const words = verdictWords(calibration);
  const { verdict } = calibration;
  return verdict === 'too-narrow' || verdict === 'too-wide' ? (
    <Notice level="warn" title={insideWords(calibration)}>
      {words}
    </Notice>
  ) : (
    <View>
      <Type as="strong">{insideWords(calibration)}</Type>
      <Type as="small">{words}</Type>
    </View>
  );
}

/** How often what was predicted came true, figure by figure, and how sure widths are here. */
export function ForecastPanel({ calibration, widths }: Pick<LearntAnswer, 'calibration' | 'widths'>) {
  const [width, setWidth] = useState(0);
  const [what, setWhat] = useState<Calibration['what']>('widthMm');
  const shown = calibration.find((one) => one.what === what) ?? calibration[0];
  if (!shown) return null;
  const score = scoreWords(shown);
  return (
    <View className="gap-2" testID="forecasts" onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <Type as="heading">How often forecasts came true</Type>
      <LabelledChoices
        label="Of what"
        choices={calibration.map((one) => ({ value: one.what, label: FORECAST_WORDS[one.what].label }))}
        value={shown.what}
        onChange={setWhat}
        minWidth={76}
      />
      <Verdict calibration={shown} />
      {width > 0 ? (
        <PlaceBars places={shown.places} width={width} ends={FORECAST_WORDS[shown.what].ends} />
      ) : null}
      <Type as="small">
        {`Where each ring fell in what was told when it was begun. As many were to fall in each bar, up to the dashed line.${score === undefined ? '' : ` ${score}`}`}
      </Type>
      {shown.what === 'widthMm' ? <Type as="small">{widthsWords(widths)}</Type> : null}
    </View>
  );
}
