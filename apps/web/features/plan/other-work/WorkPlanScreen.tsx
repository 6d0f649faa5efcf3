import type { Kit } from '@round-mint/core/kit';
import { edgeNamesOf } from '@round-mint/core/steps';
import { metalById } from '@round-mint/core/metal';
import { WORK_KINDS, type WorkKind } from '@round-mint/core/work';
import { Redirect, useLocalSearchParams } from 'expo-router';
import { Fragment, useState, type ComponentProps, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { LearntLine } from '@/features/plan/answer/LearntLine';
import { ToolNotices } from '@/features/shared/kit/ToolNotices';
import { ReferenceKitLine } from '@/features/plan/answer/ReferenceKitLine';
import { AllowanceOffer, allowanceWords } from '@/features/plan/answer/AllowanceOffer';
import { ExplanationSheet } from '@/features/plan/answer/ExplanationSheet';
import { FINISHES } from '@/features/shared/words/finishes';
import { Figures } from '@/features/plan/answer/Figures';
import { RouteList } from '@/features/shared/ring/RouteList';
import { leavesWords, TakeToBench } from '@/features/plan/answer/TakeToBench';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { SizeInput } from '@/features/shared/inputs/SizeInput';
import { measureWords } from '@/features/shared/words/piece-words';
import { useAppDispatch } from '@/store/store';
import { LabelledChoices } from '@/ui/Choices';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';
import { PlanTabs } from '@/features/shared/tabs/PlanTabs';
import { explainFigure, quantityWords } from '@/features/plan/answer/quantity-words';
import { HandleOutcome } from './HandleOutcome';
import { useWorkModel } from './use-work-model';
import { useWorkParam } from './use-work-param';
import { WORK_FIELDS } from './work-fields';
import type { WorkModel } from './work-model';
import { WorkDrawing } from './WorkDrawing';
import { WorkFieldInput } from './WorkFieldInput';
import { WorkPiecePicker, WorkPieces } from './WorkPieces';
import { WorkPrints } from './WorkPrints';
import { workChanged, workTyped } from './works-slice';
import { WorkVerdict } from './WorkVerdict';

const LIST_WIDTH = 290;
const SIDE_WIDTH = 330;

/** Which stock gives the band that is asked for: before one is chosen, the answer stands open. */
function StripAnswer(drawer: ComponentProps<typeof WorkPieces>) {
  return (
    <View className="gap-1">
      <Type as="heading">From stock</Type>
      <WorkPieces {...drawer} />
    </View>
  );
}

interface PartProps {
  model: WorkModel;
  kit: Kit;
}

/** What is asked of strip, whatever it comes from: the answer stands under the last of it. */
const ASKED_LAST = 'rolledToMm';

/** Size, the choices of this kind, and the finish. */
function WorkChoices({ model, answer }: { model: WorkModel; answer?: ReactNode }) {
  const dispatch = useAppDispatch();
  const { primarySystem } = useSettings();
  const write = useWriters();
  const { kind, draft, texts, strips, targetMm, sizeProblem, problems, allowance } = model;
  const fields = WORK_FIELDS[kind].filter(({ when }) => when?.(texts) ?? true);
  return (
    <View className="gap-4">
      <View className="gap-1.5">
        <Type as="label">Target size</Type>
        <SizeInput
          label="Target size"
          text={draft.sizeText}
          targetMm={targetMm}
          problem={sizeProblem}
          system={primarySystem}
          note={
            targetMm === undefined
              ? ''
              : `${write.size(targetMm)} · ${write.second(targetMm)} · ⌀ ${write.length(targetMm)}${allowanceWords(draft.allowanceUs, write)}`
          }
          write={write.size}
          onChange={(sizeText) => dispatch(workChanged({ kind, change: { sizeText, allowanceUs: 0 } }))}
        />
        <AllowanceOffer
          allowance={allowance}
          onTake={(allowanceUs) => dispatch(workChanged({ kind, change: { allowanceUs } }))}
        />
      </View>
      {fields.map((field) => (
        <Fragment key={field.key}>
          <WorkFieldInput
            field={field}
            text={texts[field.key] ?? ''}
            strips={strips}
            problem={problems[field.key]}
            onChange={(text) => dispatch(workTyped({ kind, key: field.key, text }))}
          />
          {field.key === ASKED_LAST ? answer : null}
        </Fragment>
      ))}
      <LabelledChoices
        label="Finish"
        choices={FINISHES}
        value={draft.finish}
        onChange={(finish) => dispatch(workChanged({ kind, change: { finish } }))}
        minWidth={72}
      />
    </View>
  );
}

/** Figures with their reasons, the route, and what can be printed. */
function WorkDetail({ model, kit }: PartProps) {
  const [asked, setAsked] = useState<string>();
  const write = useWriters();
  const { plan } = model;
  const figure = plan?.figures.find(({ key }) => key === asked);
  return (
    <View className="gap-3">
      {plan ? (
        <>
          <ReferenceKitLine />
          <ToolNotices steps={plan.steps} />
          <LearntLine />
          <Figures
            figures={plan.figures.map(({ key, label, value }) => ({
              key,
              label,
              value: quantityWords(value, write),
            }))}
            onAsk={setAsked}
          />
          <ExplanationSheet
            explanation={figure && explainFigure(plan.kind, figure, write)}
            onClose={() => setAsked(undefined)}
          />
        </>
      ) : null}
      {plan?.feasible ? (
        <>
          <RouteStrip steps={plan.steps} totals={plan.totals} />
          <RouteList
            about={model.piece?.name ?? PLAN_KIND_WORDS[plan.kind].title}
            steps={plan.steps}
            names={edgeNamesOf(plan.kind)}
          />
        </>
      ) : null}
      <WorkPrints model={model} kit={kit} />
    </View>
  );
}

/** What leaves the stock with the ring. */
function usesWords({ plan, piece, other }: WorkModel, length: (mm: number) => string): string {
  const own =
    plan && plan.usesLengthMm > 0
      ? `${length(plan.usesLengthMm)} of ${piece?.name ?? 'the strip'} are used.`
      : leavesWords(piece);
  return plan && other && plan.otherUsesMm > 0
    ? `${own} ${length(plan.otherUsesMm)} of ${other.piece.name} are used.`
    : own;
}

function Action({ model }: { model: WorkModel }) {
  const { plan, piece, work, targetMm, draft, kind } = model;
  const { length } = useWriters();
  const ready =
    plan?.feasible && piece && work && targetMm !== undefined
      ? { ...work, stockId: piece.id, targetInsideDiameterMm: targetMm, finish: draft.finish }
      : undefined;
  return (
    <TakeToBench
      piece={piece}
      plan={ready}
      leaves={usesWords(model, length)}
      caution={PLAN_KIND_WORDS[kind].caution}
    />
  );
}

function WorkPlan({ model, kit }: PartProps) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const width = useWidthClass();
  const { kind, piece, pieces, offers, plan } = model;
  const { title, about } = PLAN_KIND_WORDS[kind];
  const note = piece ? `${metalById(piece.metal).name} · ${measureWords(piece, write.length)}` : about;
  const drawer = {
    kind,
    pieces,
    offers,
    chosenId: piece?.id,
    onChoose: (stockId: string) => dispatch(workChanged({ kind, change: { stockId } })),
  };
  const head = (
    <>
      <PlaceHeader title={piece?.name ?? title} note={note} />
      <PlanTabs here={kind} />
    </>
  );
  const outcome = (
    <View className="gap-3">
      {plan ? (
        <HandleOutcome
          model={model}
          height={width === 'wide' ? 340 : 250}
          drawing={<WorkDrawing model={model} kit={kit} height={width === 'wide' ? 350 : 320} />}
        />
      ) : null}
      {plan ? <WorkVerdict plan={plan} /> : null}
    </View>
  );
  if (width === 'wide') {
    return (
      <View className="flex-1 flex-row" testID="work-screen">
        <View style={{ width: LIST_WIDTH }} className="border-r border-line">
          <View className="px-3 pb-2 pt-4">
            <Type as="title" aria-level={2}>
              {title}
            </Type>
          </View>
          <ScrollView>
            <WorkPieces {...drawer} />
          </ScrollView>
        </View>
        <ScrollView className="min-w-0 flex-1" contentContainerClassName="gap-4 px-6 py-4">
          {head}
          {outcome}
          <WorkDetail model={model} kit={kit} />
        </ScrollView>
        <View style={{ width: SIDE_WIDTH }} className="border-l border-line">
          <ScrollView contentContainerClassName="gap-3 px-4 pb-4 pt-4">
            <WorkChoices model={model} />
          </ScrollView>
          <View className="border-t border-line px-4 py-3">
            <Action model={model} />
          </View>
        </View>
      </View>
    );
  }
  return (
    <Screen testID="work-screen" header={head} footer={piece ? <Action model={model} /> : null}>
      {outcome}
      {piece || kind !== 'strip' ? <WorkPiecePicker {...drawer} /> : null}
      <WorkChoices model={model} answer={piece || kind !== 'strip' ? null : <StripAnswer {...drawer} />} />
      <WorkDetail model={model} kit={kit} />
    </Screen>
  );
}

function KindPlan({ kind }: { kind: WorkKind }) {
  useWorkParam(kind);
  return (
    <Fetched from={useWorkModel(kind)} what="stock and tools">
      {({ model, kit }) => <WorkPlan model={model} kit={kit} />}
    </Fetched>
  );
}

/** The planner of every kind of work that is no coin ring. */
export function WorkPlanScreen() {
  const { kind } = useLocalSearchParams<{ kind: string }>();
  const known = WORK_KINDS.find((one) => one === kind);
  return known ? <KindPlan key={known} kind={known} /> : <Redirect href="/plan" />;
}
