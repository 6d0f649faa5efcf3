import { metalById } from '@round-mint/core/metal';
import type { CoinRingPlan } from '@round-mint/core/route';
import { useLocalSearchParams } from 'expo-router';
import { memo, useCallback, useDeferredValue, useEffect, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { FilmStrip } from '@/drawings/section/FilmStrip';
import { useWriters } from '@/features/settings/use-settings';
import { PlaceHeader } from '@/features/shell/PlaceHeader';
import { useWidthClass } from '@/features/shell/use-width';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { explainPlan, type FigureKey } from './explain';
import { ExplanationSheet } from './ExplanationSheet';
import { Figures } from './Figures';
import { PieceList } from './PieceList';
import { MakingChoices, SizeChoice } from './PlanChoices';
import { PlanDrawing } from './PlanDrawing';
import { stockChosen } from './plan-draft-slice';
import type { PlanModel } from './plan-model';
import { TakeToBench } from './TakeToBench';
import { usePlanModel } from './use-plan-model';
import { PlanSummary, Verdict } from './Verdict';

const FIGURES: readonly FigureKey[] = [
  'width',
  'height',
  'cutEdge',
  'rimEdge',
  'strainCut',
  'strainRim',
  'outside',
  'range',
  'thickness',
  'natural',
  'slug',
  'anneals',
];

/** The figures with their explanations; a rounded wall also tells what the curl costs. */
function PlanFigures({ model, plan }: { model: PlanModel; plan: CoinRingPlan }) {
  const [asked, setAsked] = useState<FigureKey>();
  const write = useWriters();
  const explanations = explainPlan(model, plan, write);
  const keys = FIGURES.flatMap((key) =>
    key === 'height' && model.wall.kind === 'rounded' ? [key, 'curl' as const] : [key],
  );
  return (
    <>
      <Figures
        explanations={explanations}
        keys={plan.feasible ? keys : keys.filter((key) => key !== 'anneals')}
        onAsk={setAsked}
      />
      <ExplanationSheet explanation={asked && explanations[asked]} onClose={() => setAsked(undefined)} />
    </>
  );
}

/** Every number and every step of the plan; drawing and verdict go before it. */
const PlanDetail = memo(function PlanDetail({ model }: { model: PlanModel }) {
  const { plan } = model;
  if (!plan) return null;
  return (
    <View className="gap-3">
      <PlanFigures model={model} plan={plan} />
      {plan.route ? <RouteStrip steps={plan.route.steps} totals={plan.route.totals} /> : null}
    </View>
  );
});

const PlanFilm = memo(function PlanFilm({ model }: { model: PlanModel }) {
  const write = useWriters();
  const steps = model.plan?.route?.steps;
  return steps ? <FilmStrip steps={steps} write={write.size} /> : null;
});

function pieceLine(
  model: PlanModel,
  plan: CoinRingPlan | undefined,
  length: (mm: number, d?: number) => string,
): string {
  const { piece } = model;
  if (!piece) return '';
  const worked = plan
    ? ` · worked as ${length(plan.workingThicknessMm, 2)} thick, from ${plan.thicknessSource === 'mass' ? `${piece.massG?.toFixed(1)} g` : 'its rim'}`
    : '';
  return `${metalById(piece.metal).name} · ${length(piece.diameterMm)}${worked}`;
}

function NoPiece({ onChoose }: { onChoose: () => void }) {
  return (
    <View>
      <Empty title="No coin chosen yet.">
        Choose a coin, medal or round from the drawer; before you punch, see the ring that comes out.
      </Empty>
      <Button label="Choose a piece" onPress={onChoose} />
    </View>
  );
}

interface PiecePickerProps {
  open: boolean;
  onClose: () => void;
  chosenId: string | undefined;
}

function PiecePicker({ open, onClose, chosenId }: PiecePickerProps) {
  const dispatch = useAppDispatch();
  const [search, setSearch] = useState('');
  return (
    <Sheet title="From the drawer" open={open} onClose={onClose}>
      <Field label="Search" value={search} onChangeText={setSearch} />
      <PieceList
        chosenId={chosenId}
        search={search}
        onChoose={(id) => {
          dispatch(stockChosen(id));
          onClose();
        }}
      />
    </Sheet>
  );
}

/** Before you punch, know what ring comes out. */
export function PlanScreen() {
  const { stockId } = useLocalSearchParams<{ stockId?: string }>();
  const dispatch = useAppDispatch();
  const width = useWidthClass();
  useEffect(() => {
    if (stockId) dispatch(stockChosen(stockId));
  }, [stockId, dispatch]);
  return (
    <Fetched from={usePlanModel()} what="stock and tools">
      {(model) =>
        width === 'wide' ? (
          <WidePlan model={model} />
        ) : (
          <PhonePlan model={model} twoColumns={width === 'two'} />
        )
      }
    </Fetched>
  );
}

function PhonePlan({ model, twoColumns }: { model: PlanModel; twoColumns: boolean }) {
  const [picking, setPicking] = useState(false);
  const write = useWriters();
  const lagging = useDeferredValue(model);
  const { piece, plan } = model;
  return (
    <>
      <Screen
        testID="plan-screen"
        header={
          <PlaceHeader
            title={piece?.name ?? 'Plan a ring'}
            note={pieceLine(model, plan, write.length)}
            end={
              piece ? (
                <TextButton label="change" describe="Choose another piece" onPress={() => setPicking(true)} />
              ) : null
            }
          />
        }
        footer={
          piece ? (
            <View className="gap-2">
              {plan && !twoColumns ? <PlanSummary plan={plan} /> : null}
              <TakeToBench model={model} />
            </View>
          ) : null
        }
      >
        {piece ? null : <NoPiece onChoose={() => setPicking(true)} />}
        <View className={twoColumns ? 'flex-row gap-6' : 'gap-3'}>
          {plan ? (
            <View className={twoColumns ? 'min-w-0 flex-1' : ''}>
              <PlanDrawing model={model} plan={plan} height={310} />
              <Verdict plan={plan} />
              {twoColumns ? <PlanDetail model={lagging} /> : null}
            </View>
          ) : null}
          {piece ? (
            <View className={twoColumns ? 'min-w-0 flex-1 gap-4' : 'gap-4'}>
              <SizeChoice model={model} />
              <MakingChoices model={model} />
            </View>
          ) : null}
        </View>
        {twoColumns ? null : <PlanDetail model={lagging} />}
      </Screen>
      <PiecePicker open={picking} onClose={() => setPicking(false)} chosenId={piece?.id} />
    </>
  );
}

const LIST_WIDTH = 290;
const SIDE_WIDTH = 284;

function WidePlan({ model }: { model: PlanModel }) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const { height } = useWindowDimensions();
  const [search, setSearch] = useState('');
  const lagging = useDeferredValue(model);
  const choose = useCallback((id: string) => dispatch(stockChosen(id)), [dispatch]);
  const { piece, plan, targetMm } = model;
  return (
    <View className="flex-1 flex-row" testID="plan-screen">
      <View style={{ width: LIST_WIDTH }} className="border-r border-line">
        <View className="gap-2 px-3 pb-2 pt-4">
          <Type as="title">{`What can become ${targetMm === undefined ? 'it' : write.size(targetMm)}?`}</Type>
          <Field label="Search the drawer" value={search} onChangeText={setSearch} />
        </View>
        <ScrollView>
          <PieceList chosenId={piece?.id} search={search} onChoose={choose} />
        </ScrollView>
      </View>
      <ScrollView className="min-w-0 flex-1" contentContainerClassName="gap-4 px-6 py-4">
        <View>
          <Type as="title">{piece?.name ?? 'Plan a ring'}</Type>
          <Type as="small">
            {piece ? pieceLine(model, plan, write.length) : 'Choose a piece from the drawer on the left.'}
          </Type>
        </View>
        {plan ? (
          <PlanDrawing model={model} plan={plan} height={Math.max(270, height * 0.38)} only="section" />
        ) : null}
        <PlanFilm model={lagging} />
        {plan ? <Verdict plan={plan} /> : null}
        {piece ? <MakingChoices model={model} /> : null}
        <PlanDetail model={lagging} />
      </ScrollView>
      <View style={{ width: SIDE_WIDTH }} className="justify-between border-l border-line px-4 py-4">
        <View className="gap-2">
          <SizeChoice model={model} />
          {plan ? (
            <PlanDrawing model={model} plan={plan} height={Math.max(260, height - 330)} only="ladder" />
          ) : null}
        </View>
        <TakeToBench model={model} />
      </View>
    </View>
  );
}
