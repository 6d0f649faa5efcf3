import { FREE_SHARE, type LandVerdict } from '@round-mint/core/forming';
import { centringSheet } from '@round-mint/core/template';
import { punchDiameters } from '@round-mint/core/kit';
import { planCoinRing } from '@round-mint/core/route';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { LandDrawing } from '@/drawings/coin/LandDrawing';
import { holeChosen } from '@/features/plan/draft/plan-draft-slice';
import { lipRadii, spoilWords } from '@/features/plan/draft/must-stay';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { usePieceParam } from '@/features/plan/draft/use-piece-param';
import { usePlanModel } from '@/features/plan/draft/use-plan-model';
import { useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { FactLine } from '@/ui/FactLine';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { PrintButtons } from '@/features/shared/print/PrintButtons';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { judgeReadings, PLACE_COUNTS, type LandAnswer } from './centring-model';
import { landCleared, placesChosen } from './centring-slice';
import { LandFields } from './LandFields';
import { PicturePart } from './PicturePart';

const LARGEST_DRAWING = 340;
const ALL_STAYS = 'all that must stay is whole';

/** How wide the band would be with another hole, all else as planned; undefined when it cannot be made. */
function widthWith(
  { piece, targetMm, wall, school, kit, traits }: PlanModel,
  holeMm: number,
): number | undefined {
  if (!piece || targetMm === undefined) return undefined;
  const plan = planCoinRing(
    { coin: piece, holeMm, targetInsideDiameterMm: targetMm, wall, school },
    { kit, traits },
  );
  return plan.feasible ? plan.bandWidthMm : undefined;
}

/** What becomes of what must stay: with the hole where it is, and once it is filed true. */
function MarkFacts({ model, verdict }: { model: PlanModel; verdict: LandVerdict }) {
  const { piece, holeMm, plan, traits } = model;
  if (!piece?.mustStay || piece.mustStay.length === 0 || holeMm === undefined) return null;
  const lips = lipRadii(piece, plan, traits);
  const offset = { offsetMm: verdict.eccentricityMm, angleDeg: verdict.wideAngleDeg + 180 };
  const filed = spoilWords(piece, verdict.newHoleMm, lips);
  return (
    <>
      <FactLine name="Left as it is" value={spoilWords(piece, holeMm, lips, offset) ?? ALL_STAYS} />
      {verdict.fileDepthMm > 0 ? <FactLine name="Filed true" value={filed ?? ALL_STAYS} /> : null}
    </>
  );
}

function VerdictFacts({
  model,
  answer,
  verdict,
  write,
}: {
  model: PlanModel;
  answer: LandAnswer;
  verdict: LandVerdict;
  write: Writers;
}) {
  const width = widthWith(model, verdict.newHoleMm);
  const now = model.plan?.bandWidthMm;
  return (
    <View role="list" aria-label="What the readings say">
      <FactLine
        name="Hole off centre by"
        value={`${write.length(verdict.eccentricityMm, 2)}, wide at ${verdict.wideClock}`}
      />
      <FactLine name="Wide less narrow" value={write.length(verdict.differenceMm, 2)} />
      {verdict.fileDepthMm > 0 ? (
        <>
          <FactLine name="File the wide side by" value={write.length(verdict.fileDepthMm, 2)} />
          <FactLine name="Hole after filing" value={write.length(verdict.newHoleMm, 2)} />
          <FactLine
            name="Or punch again with"
            value={
              verdict.repunchMm === undefined
                ? 'no punch of yours is large enough'
                : write.length(verdict.repunchMm)
            }
          />
          <FactLine
            name="Band then"
            value={
              width === undefined
                ? 'not this size'
                : `${write.length(width)} wide${now === undefined ? '' : `, now ${write.length(now)}`}`
            }
          />
        </>
      ) : null}
      <FactLine name="Band uneven if left by" value={write.length(answer.unevenMm ?? 0, 2)} />
      <MarkFacts model={model} verdict={verdict} />
    </View>
  );
}

function Verdict({ answer }: { answer: LandAnswer }) {
  const { verdict, waitingFor } = answer;
  if (!verdict) return <Type as="small">{`Waiting for ${waitingFor ?? 'readings'}.`}</Type>;
  const level = verdict.remeasure.length > 0 ? 'stop' : verdict.ok ? 'good' : 'warn';
  return (
    <Notice level={level} title={verdict.message} live testID="land-verdict">
      {[...new Set(verdict.remeasure.map(({ message }) => message))].map((message) => (
        <Type key={message} as="small">
          {message}
        </Type>
      ))}
    </Notice>
  );
}

/** Is the hole in the middle? Readings of the land, what to file, and the plan with the new hole. */
export function CentreScreen() {
  usePieceParam();
  return (
    <Fetched from={usePlanModel()} what="stock and tools">
      {(model) => <Centre model={model} />}
    </Fetched>
  );
}

function Centre({ model }: { model: PlanModel }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const write = useWriters();
  const wide = useWidthClass() !== 'phone';
  const [width, setWidth] = useState(0);
  const texts = useAppSelector((state) => state.centring.texts);
  const { piece, holeMm, kit, plan } = model;
  if (!piece || holeMm === undefined) {
    return (
      <Screen
        header={<PlaceHeader title="Centre the hole" />}
        footer={<Button look="main" label="Choose a piece" onPress={() => router.navigate('/plan')} />}
      >
        <Empty title="No coin chosen yet.">Choose a coin and a size in the plan first.</Empty>
      </Screen>
    );
  }
  const answer = judgeReadings({
    diameterMm: piece.diameterMm,
    holeMm,
    texts,
    unit: write.unit,
    punchesMm: punchDiameters(kit),
    cutEdgeMeanRadiusMm: plan?.meridian.meanRadiusMm[0] ?? (piece.diameterMm + holeMm) / 4,
    share: FREE_SHARE,
  });
  const { verdict } = answer;
  const newHoleMm = verdict && verdict.fileDepthMm > 0 ? verdict.newHoleMm : undefined;
  const planWith = (mm: number) => {
    dispatch(holeChosen(Math.round(mm * 100) / 100));
    router.navigate('/plan');
  };
  const size = Math.min(LARGEST_DRAWING, wide ? width / 2 : width);
  return (
    <Screen
      maxWidth={900}
      testID="centre-screen"
      header={
        <PlaceHeader
          title="Centre the hole"
          note={`${piece.name} · ⌀ ${write.length(piece.diameterMm)} · hole ${write.length(holeMm)}`}
          end={
            <TextButton label="back" describe="Back to the plan" onPress={() => router.navigate('/plan')} />
          }
        />
      }
      footer={
        <Button
          look="main"
          label={
            newHoleMm === undefined ? 'Back to the plan' : `Plan with a hole of ${write.length(newHoleMm, 2)}`
          }
          onPress={() => (newHoleMm === undefined ? router.navigate('/plan') : planWith(newHoleMm))}
        />
      }
    >
      <View
        onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
        className="w-full"
      />
      <Type as="small">
        Measure from the hole’s edge to the rim, on the face that comes outside, its top at 12, clockwise. A
        crooked hole is exaggerated in the drawing.
      </Type>
      <View className={wide ? 'flex-row gap-6' : 'gap-3'}>
        <View className="items-center">
          {size > 0 ? (
            <LandDrawing
              diameterMm={piece.diameterMm}
              holeMm={holeMm}
              places={texts.length}
              readings={answer.readings}
              verdict={verdict}
              size={size}
            />
          ) : null}
        </View>
        <View className="min-w-0 flex-1 gap-3">
          <Choices
            label="Places"
            value={texts.length}
            choices={PLACE_COUNTS.map((value) => ({ value, label: `${value} places` }))}
            onChange={(places) => dispatch(placesChosen(places))}
            minWidth={76}
          />
          <LandFields texts={texts} problems={answer.problems} unit={write.unit} />
          <TextButton label="clear all readings" onPress={() => dispatch(landCleared())} />
        </View>
      </View>
      <PicturePart
        key={`${piece.id} ${holeMm}`}
        diameterMm={piece.diameterMm}
        holeMm={holeMm}
        width={Math.min(LARGEST_DRAWING, width)}
      />
      <Verdict answer={answer} />
      {verdict ? <VerdictFacts model={model} answer={answer} verdict={verdict} write={write} /> : null}
      {verdict && verdict.repunchMm !== undefined ? (
        <Button
          label={`Plan with the ${write.length(verdict.repunchMm)} punch`}
          onPress={() => planWith(verdict.repunchMm ?? holeMm)}
        />
      ) : null}
      <PrintButtons
        title="A template to print"
        about="Centring target and card holder at true scale."
        fileName="centring"
        sheet={(paper) =>
          centringSheet({ coinName: piece.name, diameterMm: piece.diameterMm, holeMm, paper })
        }
      />
    </Screen>
  );
}
