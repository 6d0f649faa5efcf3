import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { ChancesPanel } from './ChancesPanel';
import { FaceLosses } from './FaceLosses';
import { pieceLine } from './piece-line';
import { NoPiece, PiecePicker } from './PiecePicker';
import { MakingChoices, SizeChoice } from './PlanChoices';
import { PlanDetail, PlanFilm } from './PlanDetail';
import { PlanPicture } from './PlanPicture';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { PlanQuestions } from './PlanQuestions';
import { PlanTabs } from '@/features/shared/tabs/PlanTabs';
import { TakeCoinToBench } from './TakeCoinToBench';
import { usePlanChances } from './use-plan-chances';
import { PlanSummary, Verdict } from './Verdict';

/** The plan in one column, or in two on a tablet; the main action below, in thumb's reach. */
export function PhonePlan({ model, twoColumns }: { model: PlanModel; twoColumns: boolean }) {
  const [picking, setPicking] = useState(false);
  const write = useWriters();
  const lagging = useDeferredValue(model);
  const chances = usePlanChances(lagging);
  const { piece, plan, targetMm } = model;
  const known = chances.fresh ? chances.answer : undefined;
  const detail = (
    <>
      {piece && targetMm !== undefined && plan?.route ? (
        <ChancesPanel job={chances} piece={piece} targetMm={targetMm} />
      ) : null}
      <PlanFilm model={lagging} />
      <PlanDetail model={lagging} />
    </>
  );
  return (
    <>
      <Screen
        testID="plan-screen"
        header={
          <>
            <PlaceHeader
              title={piece?.name ?? 'Plan a ring'}
              note={pieceLine(model, write.length)}
              end={
                piece ? (
                  <TextButton
                    label="change"
                    describe="Choose another piece"
                    onPress={() => setPicking(true)}
                  />
                ) : null
              }
            />
            <PlanTabs here="coin" />
          </>
        }
        footer={
          piece ? (
            <View className="gap-2">
              {plan && !twoColumns ? <PlanSummary plan={plan} /> : null}
              <TakeCoinToBench model={model} />
            </View>
          ) : null
        }
      >
        {piece ? null : <NoPiece onChoose={() => setPicking(true)} />}
        <View className={twoColumns ? 'flex-row gap-6' : 'gap-3'}>
          {plan ? (
            <View className={twoColumns ? 'min-w-0 flex-1 gap-3' : ''}>
              <PlanPicture model={model} plan={plan} height={280} />
              <Verdict plan={plan} chances={known} />
              <FaceLosses model={lagging} />
              {twoColumns ? detail : null}
            </View>
          ) : null}
          {piece ? (
            <View className={twoColumns ? 'min-w-0 flex-1 gap-4' : 'gap-4'}>
              <SizeChoice model={model} />
              <MakingChoices model={model} />
              <PlanQuestions model={model} />
            </View>
          ) : (
            <PlanQuestions model={model} />
          )}
        </View>
        {twoColumns ? null : detail}
      </Screen>
      <PiecePicker open={picking} onClose={() => setPicking(false)} chosenId={piece?.id} />
    </>
  );
}
