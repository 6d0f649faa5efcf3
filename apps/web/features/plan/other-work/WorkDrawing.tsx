import type { Kit } from '@round-mint/core/kit';
import { edgeNamesOf, type RouteStep, type StepBlank } from '@round-mint/core/steps';
import { handleVerdict, spinnerOf } from '@round-mint/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import { BlankDrawing } from '@/drawings/blank/BlankDrawing';
import { ElevationDrawing } from '@/drawings/blank/ElevationDrawing';
import { SpinnerDrawing } from '@/drawings/spinner/SpinnerDrawing';
import { Section } from '@/drawings/section/Section';
import { useWriters } from '@/features/shared/settings/use-settings';
import type { WorkModel } from './work-model';

const ROOMY_PX = 560;

interface WorkDrawingProps {
  model: WorkModel;
  kit: Kit;
  height: number;
}

/** Where the saw goes, on the whole handle. */
function wholeHandle({ piece, work, targetMm, draft }: WorkModel, kit: Kit) {
  if (piece?.kind !== 'handle' || work?.kind !== 'handle' || targetMm === undefined) return undefined;
  const { used } = handleVerdict(
    { work, piece, targetInsideDiameterMm: targetMm, finish: draft.finish },
    { kit },
  );
  const lengthMm = Math.max(...piece.stations.map(({ atMm }) => atMm));
  // Cuts are told from the end that is kept; the drawing runs from the tip.
  const fromTip = (mm: number) => (work.keptEnd === 'tip' ? mm : lengthMm - mm);
  return {
    blank: { stations: piece.stations, bentToMm: null },
    enamel: piece.enamel,
    cuts: [
      ...(used.fromMm > 0 ? [{ atMm: fromTip(used.fromMm), label: 'begins' }] : []),
      { atMm: Math.min(lengthMm, Math.max(0, fromTip(used.toMm))), label: 'saw here' },
    ],
  };
}

/** Both bands of a spinner, as they stand together. */
function spinnerIn({ piece, work, targetMm, draft }: WorkModel) {
  if (piece?.kind !== 'strip' || work?.kind !== 'spinner' || targetMm === undefined) return undefined;
  const wish = { work, piece, targetInsideDiameterMm: targetMm, finish: draft.finish };
  return {
    parts: spinnerOf(wish),
    innerThicknessMm: piece.thicknessMm,
    outerThicknessMm: work.outerThicknessMm,
    outerWidthMm: work.outerWidthMm,
  };
}

/** A blank of the route: the first, flat, and the last, bent. */
function blanksOf(steps: readonly RouteStep[]): { readonly flat?: StepBlank; readonly bent?: StepBlank } {
  const blanks = steps.flatMap(({ blank }) => blank ?? []);
  const flat = blanks.find(({ bentToMm }) => bentToMm === null);
  const bent = blanks.findLast(({ bentToMm }) => bentToMm !== null);
  return { ...(flat ? { flat } : {}), ...(bent ? { bent } : {}) };
}

/** How the ring stands on the finger; a coin in a band is more than its strip. */
function woundIn({ plan, work, targetMm }: WorkModel) {
  if (!plan || targetMm === undefined || (work?.kind !== 'handle' && work?.kind !== 'strip'))
    return undefined;
  const { bandWidthMm, thicknessCutEdgeMm } = plan.prediction;
  const spiral = work.kind === 'handle' && work.style === 'spiral';
  return {
    outsideMm: targetMm + 2 * thicknessCutEdgeMm,
    widthMm: bandWidthMm,
    turns: spiral ? (work.turns ?? 1) : 1,
    pitchMm: spiral ? (work.pitchMm ?? 0) : 0,
  };
}

/** The blank flat, the ring from its side, and across the finger. */
function BlankFigures({ model, kit, width, height }: WorkDrawingProps & { width: number }) {
  const { length } = useWriters();
  const whole = wholeHandle(model, kit);
  const { flat, bent } = blanksOf(model.plan?.steps ?? []);
  const shown = whole?.blank ?? flat;
  const wound = bent && woundIn(model);
  const widthMm = model.plan?.prediction.bandWidthMm ?? 6;
  // Side by side where there is room; the flat blank over the ring on a phone.
  const beside = width >= ROOMY_PX;
  const rings = [bent, wound].filter(Boolean).length;
  const ringsWidth = beside ? (rings * width) / 4 : width;
  const flatHeight = beside || rings === 0 ? height : height * 0.42;
  const ring = {
    width: ringsWidth / Math.max(1, rings),
    height: beside ? height : height - flatHeight,
    length,
  };
  return (
    <View className={beside ? 'flex-row' : ''}>
      {shown ? (
        <BlankDrawing
          blank={shown}
          widthMm={widthMm}
          width={beside ? width - ringsWidth : width}
          height={flatHeight}
          length={length}
          {...(whole ? { enamel: whole.enamel, cuts: whole.cuts } : {})}
          testID="blank-flat"
        />
      ) : null}
      <View className="flex-row">
        {bent ? <BlankDrawing blank={bent} widthMm={widthMm} {...ring} testID="blank-bent" /> : null}
        {wound ? <ElevationDrawing {...wound} {...ring} /> : null}
      </View>
    </View>
  );
}

/** What comes out, to scale: both bands of a spinner, a resized band before and after, or a blank flat and bent. */
export function WorkDrawing({ model, kit, height }: WorkDrawingProps) {
  const [width, setWidth] = useState(0);
  const { length } = useWriters();
  const { plan, piece } = model;
  const steps = plan?.steps ?? [];
  const last = steps.at(-1);
  const spinner = spinnerIn(model);
  const size = { width, height };
  const drawing = spinner ? (
    <SpinnerDrawing {...spinner} {...size} length={length} />
  ) : piece?.kind !== 'band' ? (
    <BlankFigures model={model} kit={kit} {...size} />
  ) : last ? (
    <Section
      outline={last.outline}
      ghost={steps[0]?.outline}
      {...size}
      length={length}
      edges={edgeNamesOf('resize')}
      testID="section"
    />
  ) : null;
  return (
    <View
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height }}
      testID="work-drawing"
    >
      {width > 0 ? drawing : null}
    </View>
  );
}
