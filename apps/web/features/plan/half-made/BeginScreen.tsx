import { workWords, countWords } from '@round-mint/core/format';
import { outlineOf } from '@round-mint/core/route';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { Section } from '@/drawings/section/Section';
import { ReasonList } from '@/features/plan/answer/ReasonList';
import { PiecePicker } from '@/features/plan/coin/PiecePicker';
import { SizeChoice } from '@/features/plan/coin/PlanChoices';
import { finishChosen, wallChosen } from '@/features/plan/draft/plan-draft-slice';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { usePieceParam } from '@/features/plan/draft/use-piece-param';
import { usePlanModel } from '@/features/plan/draft/use-plan-model';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { FINISHES } from '@/features/shared/words/finishes';
import { WALLS } from '@/features/shared/words/walls';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { useDieCharts } from '@/store/use-die-charts';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import type { BeginAnswer } from '@/workers/jobs';
import { useJob } from '@/workers/use-job';
import { readDraft, type ReadDraft } from './half-made-model';
import { halfMadeTyped } from './half-made-slice';
import { MeasureFields } from './MeasureFields';
import { OfWhat } from './OfWhat';
import { useBegin } from './use-begin';

/** A hole of which nothing is known (the usual punch), mm. */
const USUAL_HOLE_MM = 12.7;
const DRAWING_PX = 230;

/** A ring that somebody began: what it is now, and the rest of the way. */
export function BeginScreen() {
  usePieceParam();
  useDrawerParam();
  return (
    <Fetched from={usePlanModel()} what="stock and tools">
      {(model) => <Begin model={model} />}
    </Fetched>
  );
}

/** A piece that is named in the address is the one that was begun. */
function useDrawerParam(): void {
  const { stockId } = useLocalSearchParams<{ stockId?: string }>();
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (stockId) dispatch(halfMadeTyped({ ofDrawer: true }));
  }, [stockId, dispatch]);
}

/** Asks the worker, as soon as enough is told. */
function useAnswer(
  { kit, traits, wall, school, targetMm, holeMm }: PlanModel,
  { started, coin, holeMm: typedMm }: ReadDraft,
) {
  const dieCharts = useDieCharts();
  const finish = useAppSelector((state) => state.planDraft.finish);
  const { primarySystem: system } = useSettings();
  const question = useMemo(
    () =>
      started && targetMm !== undefined
        ? {
            coin,
            started,
            wish: {
              holeMm: typedMm ?? holeMm ?? USUAL_HOLE_MM,
              targetInsideDiameterMm: targetMm,
              wall,
              school,
            },
            options: { kit, finish, traits, dieCharts: dieCharts ?? [], system },
          }
        : undefined,
    [started, coin, typedMm, holeMm, targetMm, wall, school, kit, finish, traits, dieCharts, system],
  );
  return useJob('begin', question);
}

/** The piece as it was measured, and what was taken to be so. */
function AsMeasured({ answer }: { answer: BeginAnswer }) {
  const write = useWriters();
  const [width, setWidth] = useState(0);
  const { fitted, assumptions } = answer.plan;
  return (
    <View className="gap-2" testID="as-measured">
      <Type as="heading">As it was measured</Type>
      <View
        style={{ height: DRAWING_PX }}
        onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
      >
        {width > 0 ? (
          <Section outline={outlineOf(fitted.wall)} width={width} height={DRAWING_PX} length={write.length} />
        ) : null}
      </View>
      {assumptions.length > 0 ? (
        <View className="gap-1">
          <Type as="label">Taken to be so until it is measured</Type>
          <View role="list" aria-label="Assumptions" className="gap-1">
            {assumptions.map(({ code, message }) => (
              <View key={code} role="listitem" className="flex-row gap-2">
                <Type as="small">–</Type>
                <Type as="small" className="flex-1">
                  {message}
                </Type>
              </View>
            ))}
          </View>
        </View>
      ) : null}
    </View>
  );
}

/** What is still to be done. */
function RestWords({ answer }: { answer: BeginAnswer }) {
  const { feasible, reasons, steps, totals } = answer.plan;
  if (!feasible) return <ReasonList reasons={reasons} />;
  return (
    <>
      <Notice
        level="good"
        title={`${countWords(steps.length, 'step')} to go, ${countWords(totals.anneals, 'anneal')}.`}
        live
        testID="rest"
      >
        {`${workWords(totals.handsOnMin, totals.waitMin)}.`}
      </Notice>
      {reasons.length > 0 ? <ReasonList reasons={reasons} /> : null}
    </>
  );
}

function Begin({ model }: { model: PlanModel }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.halfMade);
  const { wall, finish } = useAppSelector((state) => state.planDraft);
  const { primarySystem: system } = useSettings();
  const { unit } = useWriters();
  const { piece } = model;
  const [picking, setPicking] = useState(false);
  const read = useMemo(() => readDraft(draft, { unit, system, piece }), [draft, unit, system, piece]);
  const job = useAnswer(model, read);
  const answer = read.started ? job.answer : undefined;
  const { begin, problem, busy } = useBegin();
  const type = (change: Parameters<typeof halfMadeTyped>[0]) => dispatch(halfMadeTyped(change));
  const ready = answer?.plan.feasible === true && job.fresh && read.started !== undefined;
  const start = () => {
    const { started } = read;
    if (!answer || !started || model.targetMm === undefined) return;
    const ofDrawer = draft.ofDrawer ? piece : undefined;
    const name = draft.name.trim() || `Half-made ring${ofDrawer ? ` of ${ofDrawer.name}` : ''}`;
    const { curlDeg = null, curl, kind } = model.wall;
    void begin({
      started,
      coin: answer.coin,
      piece: ofDrawer,
      name: name.slice(0, 80),
      plan: {
        kind: 'coin',
        holeMm: Math.round(answer.plan.fitted.holeMm * 100) / 100,
        targetInsideDiameterMm: model.targetMm,
        wall: kind,
        curlDeg,
        ...(curl ? { curl } : {}),
        finish,
        school: model.school,
      },
    });
  };
  return (
    <Screen
      maxWidth={720}
      testID="begin-screen"
      header={
        <PlaceHeader
          title="Begin from here"
          note="It was begun before it came here"
          end={
            <TextButton label="back" describe="Back to the plan" onPress={() => router.navigate('/plan')} />
          }
        />
      }
      footer={
        <Button
          look="main"
          label={busy ? 'Beginning …' : 'Begin from here'}
          disabled={!ready || busy}
          onPress={start}
          testID="begin"
        />
      }
    >
      <MeasureFields draft={draft} problems={read.problems} onType={type} />
      {draft.stage === 'band' ? (
        <TextButton label="Not of a coin: resize a band" onPress={() => router.push('/plan/resize')} />
      ) : null}
      {answer && draft.stage !== 'punched' ? <AsMeasured answer={answer} /> : null}
      <OfWhat
        draft={draft}
        problems={read.problems}
        piece={piece}
        answer={answer}
        onType={type}
        onPick={() => setPicking(true)}
      />
      <SizeChoice model={model} />
      <LabelledChoices
        label="Wall"
        choices={WALLS}
        value={wall}
        onChange={(next) => dispatch(wallChosen(next))}
      />
      <LabelledChoices
        label="Finish"
        choices={FINISHES}
        value={finish}
        onChange={(next) => dispatch(finishChosen(next))}
        minWidth={72}
      />
      <Field
        label="What is this ring called?"
        value={draft.name}
        onChangeText={(name) => type({ name })}
        hint="Left empty, it is a half-made ring."
        maxLength={80}
      />
      {answer ? <RestWords answer={answer} /> : null}
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {answer ? null : <Type as="small">Tell what it reads both ways round: the rest is worked out.</Type>}
      <PiecePicker open={picking} onClose={() => setPicking(false)} chosenId={piece?.id} />
    </Screen>
  );
}
