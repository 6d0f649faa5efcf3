import { BAND_EDGES, type Kit, type RouteStep, type StepBlank } from '@round-mint/core/route';
import { handleVerdict } from '@round-mint/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import { BlankDrawing } from '@/drawings/blank/BlankDrawing';
import { Section } from '@/drawings/section/Section';
import { useWriters } from '@/features/settings/use-settings';
import type { WorkModel } from './work-model';

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
  const bentWidth = bent ? Math.min(height, width * 0.4) : 0;
  const last = steps.at(-1);
  return (
    <View
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height }}
      className="flex-row"
      testID="work-drawing"
    >
      {width > 0 && flat ? (
        <BlankDrawing
          blank={whole?.blank ?? flat}
          widthMm={widthMm}
          width={width - bentWidth}
          height={height}
          length={length}
          {...(whole ? { enamel: whole.enamel, cuts: whole.cuts } : {})}
          testID="blank-flat"
        />
      ) : null}
      {width > 0 && bent ? (
        <BlankDrawing
          blank={bent}
          widthMm={widthMm}
          width={bentWidth}
          height={height}
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
