import { STARTED_STAGES, type StartedStage } from '@round-mint/core/half-made';
import { judgeLand, landAt } from '@round-mint/core/forming';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { spinnerBlanks } from '@round-mint/core/strip';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { LandDrawing } from '@/drawings/coin/LandDrawing';
import { DieChartDrawing } from '@/drawings/die-chart/DieChartDrawing';
import { FaceDrawing } from '@/drawings/face/FaceDrawing';
import { SoftnessGauge } from '@/drawings/gauge/SoftnessGauge';
import { StageDrawing } from '@/drawings/half-made/StageDrawing';
import { SpinnerDrawing } from '@/drawings/spinner/SpinnerDrawing';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Type } from '@/ui/Type';

/** Across a figure beside the text, px. */
const ACROSS_PX = 300;

/** A drawing with what it shows below it; its figures are made up. */
function Figure({ caption, children }: { caption: string; children: ReactNode }) {
  return (
    <View style={{ width: ACROSS_PX }} className="max-w-full gap-1">
      {children}
      <Type as="small">{caption}</Type>
    </View>
  );
}

const STAGE_WORDS: Readonly<Record<StartedStage, string>> = {
  punched: 'punched',
  folded: 'folded',
  straight: 'straight',
  rounded: 'rounded',
  band: 'finished',
};

/** The wall of a coin's ring from the washer to the band. */
export function StagesFigure() {
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap gap-2">
        {STARTED_STAGES.map((stage) => (
          <View key={stage} className="items-center">
            <StageDrawing stage={stage} width={90} />
            <Type as="small">{STAGE_WORDS[stage]}</Type>
          </View>
        ))}
      </View>
      <Type as="small">The wall in section, stage by stage.</Type>
    </View>
  );
}

const COIN = { diameterMm: 30, holeMm: 12, places: 4 };
const OFF_CENTRE = { eccentricityMm: 0.4, wideAngleDeg: 60 };

/** A hole that lies off the middle, with the four readings that tell it. */
export function CentringFigure() {
  const { diameterMm, holeMm, places } = COIN;
  const readings = Array.from({ length: places }, (_reading, i) => {
    const angleDeg = (i * 360) / places;
    return { angleDeg, mm: landAt(OFF_CENTRE, diameterMm, holeMm, angleDeg) };
  });
  return (
    <Figure caption="The land at four places; the hole drawn further off than it is. The side to file is marked.">
      <LandDrawing
        {...COIN}
        readings={readings}
        verdict={judgeLand(diameterMm, holeMm, readings)}
        size={ACROSS_PX}
      />
    </Figure>
  );
}

const ALLOWANCE = 0.12;

/** Two edges that have used up different parts of what they bear. */
export function GaugeFigure() {
  return (
    <Figure caption="The softness gauge: the cut edge has used up most of what it bears.">
      <SoftnessGauge
        gauges={[
          { name: 'Cut edge', spentStrainLog: 0.83 * ALLOWANCE },
          { name: 'Rim edge', spentStrainLog: 0.3 * ALLOWANCE },
        ]}
        allowanceStrainLog={ALLOWANCE}
      />
    </Figure>
  );
}

/** Observations of one pusher, made up. */
const OBSERVED = [
  { reveal: 1, insideDiameterMm: 17.2 },
  { reveal: 3, insideDiameterMm: 18.4 },
  { reveal: 6, insideDiameterMm: 19.5 },
];
const WANTED = { insideDiameterMm: 18.9, reveal: 4.3, extrapolated: false };

/** A die chart: what was seen, and where to stop for a size. */
export function DieChartFigure() {
  const { size } = useWriters();
  return (
    <Figure caption="A die chart: sizes that were seen, and the reveal for the size that is wanted.">
      <DieChartDrawing observations={OBSERVED} want={WANTED} width={ACROSS_PX} height={220} write={size} />
    </Figure>
  );
}

const SPINNER = { innerThicknessMm: 1.2, outerThicknessMm: 1.5, outerWidthMm: 5 };
const SPINNER_INSIDE_MM = SIZE_SYSTEMS.us.toDiameterMm(8);

/** Both bands of a spinner ring in section. */
export function SpinnerFigure() {
  const { length } = useWriters();
  return (
    <Figure caption="The inner band flared at both edges, the outer one turning between them.">
      <SpinnerDrawing
        parts={spinnerBlanks({ insideDiameterMm: SPINNER_INSIDE_MM, ...SPINNER })}
        {...SPINNER}
        width={ACROSS_PX}
        height={180}
        length={length}
      />
    </Figure>
  );
}

/** A face with what the hole and the lip take. */
export function FaceFigure() {
  return (
    <Figure caption="What the hole and the trimmed lip take is pale.">
      <FaceDrawing
        size={200}
        diameterMm={30}
        holeMm={12}
        lipRadiusMm={14.2}
        label="A face of 30 mm with a hole of 12 mm: hole and lip are lost"
      />
    </Figure>
  );
}
