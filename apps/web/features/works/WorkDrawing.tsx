import { BAND_EDGES, type Kit, type RouteStep, type StepBlank } from '@round-mint/core/route';
import { handleVerdict, spinnerOf } from '@round-mint/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import { BlankDrawing } from '@/drawings/blank/BlankDrawing';
import { SpinnerDrawing } from '@/drawings/spinner/SpinnerDrawing';
import { Section } from '@/drawings/section/Section';
import { useWriters } from '@/features/settings/use-settings';
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

/** What comes out, to scale: the blank flat and bent; of a band that is only resized, its section before and after. */
export function WorkDrawing({ model, kit, height }: WorkDrawingProps) {
  const [width, setWidth] = useState(0);
  const { length } = useWriters();
  const { plan, piece } = model;
  const steps = plan?.steps ?? [];
  const whole = wholeHandle(model, kit);
  const { flat = whole?.blank, bent } = blanksOf(steps);
  const widthMm = plan?.prediction.bandWidthMm ?? 6;
  // Side by side where there is room; one over the other on a phone.
  const beside = width >= ROOMY_PX;
  const bentWidth = !beside ? width : bent ? Math.min(height, width * 0.4) : 0;
  const flatWidth = beside ? width - bentWidth : width;
  const flatHeight = beside || !bent ? height : height * 0.42;
  const last = steps.at(-1);
  const spinner = spinnerIn(model);
  return (
    <View
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height }}
      className={beside ? 'flex-row' : ''}
      testID="work-drawing"
    >
      {width > 0 && spinner ? (
        <SpinnerDrawing {...spinner} width={width} height={height} length={length} />
      ) : null}
      {width > 0 && flat && !spinner ? (
        <BlankDrawing
          blank={whole?.blank ?? flat}
          widthMm={widthMm}
          width={flatWidth}
          height={flatHeight}
          length={length}
          {...(whole ? { enamel: whole.enamel, cuts: whole.cuts } : {})}
          testID="blank-flat"
        />
      ) : null}
      {width > 0 && bent && !spinner ? (
        <BlankDrawing
          blank={bent}
          widthMm={widthMm}
          width={bentWidth}
          height={beside ? height : height - flatHeight}
          length={length}
          testID="blank-bent"
        />
      ) : null}
      {width > 0 && !flat && last && piece?.kind === 'band' ? (
        <Section
          outline={last.outline}
          ghost={steps[0]?.outline}
          width={width}
          height={height}
          length={length}
          edges={BAND_EDGES}
          testID="section"
        />
      ) : null}
    </View>
  );
}
