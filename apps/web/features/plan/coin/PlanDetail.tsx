import type { CoinRingPlan } from '@round-mint/core/route';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { LearntLine } from '@/features/plan/answer/LearntLine';
import { ReferenceKitLine } from '@/features/plan/answer/ReferenceKitLine';
import { useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { explainPlan, type FigureKey } from '@/features/plan/answer/explain';
import { ExplanationSheet } from '@/features/plan/answer/ExplanationSheet';
import { Figures } from '@/features/plan/answer/Figures';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { RouteFilm } from './RouteFilm';
import { RouteList } from '@/features/shared/ring/RouteList';

/** Names short enough for a narrow column; the sheet that opens has the full one. */
const SHORT: Readonly<Record<FigureKey, string>> = {
  width: 'Width',
  height: 'Height',
  cutEdge: 'Cut edge',
  rimEdge: 'Rim edge',
  outside: 'Outside ⌀',
  strainCut: 'Cut edge stretch',
  strainRim: 'Rim edge crowding',
  range: 'Can make',
  natural: 'Natural size',
  thickness: 'Working thickness',
  curl: 'Lost to turning in the edges',
  slug: 'Slug',
  anneals: 'Anneals',
};

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
        figures={keys
          .filter((key) => plan.feasible || key !== 'anneals')
          .map((key) => ({ key, label: SHORT[key], value: explanations[key].value }))}
        onAsk={setAsked}
      />
      <ExplanationSheet explanation={asked && explanations[asked]} onClose={() => setAsked(undefined)} />
    </>
  );
}

/** "Marenza 5 corvi, 1961, US 10" */
function aboutOf({ piece, targetMm }: PlanModel, write: Writers): string {
  return [piece?.name, targetMm === undefined ? undefined : write.size(targetMm)].filter(Boolean).join(', ');
}

/** Every number and every step of the plan; drawing and verdict go before it. */
export const PlanDetail = memo(function PlanDetail({ model }: { model: PlanModel }) {
  const { plan } = model;
  const write = useWriters();
  if (!plan) return null;
  return (
    <View className="gap-3">
      <ReferenceKitLine />
      <LearntLine />
      <PlanFigures model={model} plan={plan} />
      {plan.route ? (
        <>
          <RouteStrip steps={plan.route.steps} totals={plan.route.totals} />
          <RouteList about={aboutOf(model, write)} steps={plan.route.steps} />
        </>
      ) : null}
    </View>
  );
});

/** The route's film, when there is a route. */
export const PlanFilm = memo(function PlanFilm({ model }: { model: PlanModel }) {
  const { piece, plan } = model;
  if (!piece || !plan?.route) return null;
  return <RouteFilm steps={plan.route.steps} pieceName={piece.name} />;
});
