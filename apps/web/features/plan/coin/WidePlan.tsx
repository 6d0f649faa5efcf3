import { useCallback, useDeferredValue, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useAppDispatch } from '@/store/store';
import { Field } from '@/ui/Field';
import { ScrollArea } from '@/ui/ScrollArea';
import { Type } from '@/ui/Type';
import { ChancesPanel } from './ChancesPanel';
import { FaceLosses } from './FaceLosses';
import { pieceLine } from './piece-line';
import { PieceList } from './PieceList';
import { MakingChoices, SizeChoice } from './PlanChoices';
import { PlanDetail, PlanFilm } from './PlanDetail';
import { stockChosen } from '@/features/plan/draft/plan-draft-slice';
import { PlanDrawing } from './PlanDrawing';
import { PlanRing } from './PlanPicture';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { PlanQuestions } from './PlanQuestions';
import { RingGallery } from './RingGallery';
import { PlanTabs } from '@/features/shared/tabs/PlanTabs';
import { TakeCoinToBench } from './TakeCoinToBench';
import { usePlanChances } from './use-plan-chances';
import { Verdict } from './Verdict';

const LIST_WIDTH = 290;
const SIDE_WIDTH = 284;

/** Drawer, drawing and ladder side by side. */
export function WidePlan({ model }: { model: PlanModel }) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const { height } = useWindowDimensions();
  const [search, setSearch] = useState('');
  const lagging = useDeferredValue(model);
  const chances = usePlanChances(lagging);
  const choose = useCallback((id: string) => dispatch(stockChosen(id)), [dispatch]);
  const { piece, plan, targetMm } = model;
  return (
    <View className="flex-1 flex-row" testID="plan-screen">
      <View style={{ width: LIST_WIDTH }} className="border-r border-line">
        <View className="gap-2 px-3 pb-2 pt-4">
          <Type
            as="title"
            aria-level={2}
          >{`What can become ${targetMm === undefined ? 'it' : write.size(targetMm)}?`}</Type>
          <Field label="Search the stock" value={search} onChangeText={setSearch} />
        </View>
        <ScrollArea>
          <PieceList chosenId={piece?.id} search={search} onChoose={choose} />
        </ScrollArea>
      </View>
      <ScrollView className="min-w-0 flex-1" contentContainerClassName="gap-4 px-6 py-4">
        <PlanTabs here="coin" />
        <View>
          <Type as="title">{piece?.name ?? 'Plan a ring'}</Type>
          <Type as="small">
            {piece ? pieceLine(model, write.length) : 'Choose a piece from the stock on the left.'}
          </Type>
        </View>
        {plan ? <PlanRing model={model} plan={plan} height={Math.max(300, height * 0.42)} /> : null}
        {plan ? <Verdict plan={plan} chances={chances.fresh ? chances.answer : undefined} /> : null}
        <FaceLosses model={lagging} />
        {piece ? <MakingChoices model={model} /> : null}
        <PlanQuestions model={model} />
        {piece ? null : <RingGallery model={model} onChoose={choose} />}
        {plan ? (
          <PlanDrawing model={model} plan={plan} height={Math.max(270, height * 0.38)} only="section" />
        ) : null}
        <PlanFilm model={lagging} />
        <PlanDetail model={lagging} />
      </ScrollView>
      <View style={{ width: SIDE_WIDTH }} className="border-l border-line">
        <ScrollView contentContainerClassName="gap-3 px-4 pb-4 pt-4">
          <SizeChoice model={model} />
          {plan ? (
            <PlanDrawing model={model} plan={plan} height={Math.max(260, height - 500)} only="ladder" />
          ) : null}
          {piece && targetMm !== undefined && plan?.route ? (
            <ChancesPanel job={chances} piece={piece} targetMm={targetMm} />
          ) : null}
        </ScrollView>
        <View className="border-t border-line px-4 py-3">
          <TakeCoinToBench model={model} />
        </View>
      </View>
    </View>
  );
}
