import type { Way, WayPiece } from '@round-mint/core/ways';
import { kitOrReference } from '@round-mint/core/kit';
import { useRouter } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { optionTaken } from '@/features/plan/draft/plan-draft-slice';
import { workTaken } from '@/features/plan/other-work/works-slice';
import { draftTarget, wallWish } from '@/features/plan/draft/plan-model';
import { useSettings } from '@/features/shared/settings/use-settings';
import { Term } from '@/features/shared/handbook/Term';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { RingThumb } from '@/features/shared/picture/RingThumb';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useListKitQuery } from '@/store/api';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { Progress } from '@/ui/Progress';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { both, Empty, Fetched } from '@/ui/Waiting';
import { AnswerOrder } from './AnswerOrder';
import { CompareSheet } from './CompareSheet';
import { OptionRow } from './OptionRow';
import { sorted, wayKey, type ShownKind, type SortBy } from './search-model';
import { comparedToggled, MOST_COMPARED, searchAsked } from './search-slice';
import { useBroughtIntoView } from './use-brought-into-view';
import { useDrawer } from './use-drawer';
import { useSearch } from './use-search';
import { WishForm } from './WishForm';

/** What should I use? Every piece and all that can be made of it, ranked for a finger and a wish. */
export function SearchScreen() {
  return (
    <Fetched from={both(useDrawer(), useListKitQuery())} what="stock and tools">
      {([drawer]) => <Search drawer={drawer} />}
    </Fetched>
  );
}

/** Names of pieces by id. */
function useNames(drawer: readonly WayPiece[]): (stockId: string) => string {
  return useMemo(() => {
    const names = new Map(drawer.map(({ id, name }) => [id, name]));
    return (id) => names.get(id) ?? 'a piece that was archived';
  }, [drawer]);
}

function Answers({
  search,
  drawer,
  onPlan,
}: {
  search: ReturnType<typeof useSearch>;
  drawer: readonly WayPiece[];
  onPlan: (way: Way) => void;
}) {
  const dispatch = useAppDispatch();
  const nameOf = useNames(drawer);
  const settings = useSettings();
  const kit = useListKitQuery().data;
  const draft = useAppSelector((state) => state.planDraft);
  const { compared } = useAppSelector((state) => state.search);
  const [by, setBy] = useState<SortBy>('score');
  const [kind, setKind] = useState<ShownKind>('all');
  const [frontOnly, setFrontOnly] = useState(false);
  const [comparing, setComparing] = useState(false);
  const tools = useMemo(() => kitOrReference(kit ?? []), [kit]);
  const { answer: ways, progress, problem, fresh, cancel, retry } = search.job;
  if (progress !== undefined) return <Progress what="Searching the stock" share={progress} onStop={cancel} />;
  if (problem) return <Button label="The search stopped. Search again" onPress={retry} />;
  if (!search.asked || !ways || !fresh) {
    return search.asked && !fresh ? (
      <Button label="Stopped. Search again" onPress={retry} />
    ) : (
      <Empty title="Not asked yet.">
        Say what the ring should be, then search: every piece in stock, with every punch, as every kind of
        work.
      </Empty>
    );
  }
  if (ways.length === 0) {
    return (
      <Empty title="Nothing in stock makes this ring.">
        Widen the band, leave year, metal or price open, or try a size nearer the pieces’ natural sizes: “What
        can it become?” shows them for each piece.
      </Empty>
    );
  }
  const asked = {
    targetInsideDiameterMm: draftTarget(draft, settings).targetMm ?? 0,
    wall: wallWish(draft),
  };
  const shown = sorted(ways, by, frontOnly, kind);
  const chosen = ways.filter((way) => compared.includes(wayKey(way)));
  return (
    <View className="gap-3">
      <AnswerOrder ways={ways} kind={kind} by={by} onKind={setKind} onSort={setBy} />
      <View className="flex-row items-center justify-between gap-3">
        <TextButton
          label={frontOnly ? 'show all' : 'only the ◆ unbeaten'}
          onPress={() => setFrontOnly(!frontOnly)}
        />
        <Button
          label={`Side by side (${chosen.length})`}
          disabled={chosen.length < 2}
          onPress={() => setComparing(true)}
        />
      </View>
      {frontOnly ? null : <Term word="◆ unbeaten">◆ nothing else beats it in everything</Term>}
      <View role="list" aria-label="Ways to make it">
        {shown.map((way) => (
          <OptionRow
            key={wayKey(way)}
            way={way}
            name={nameOf(way.stockId)}
            picture={
              way.kind === 'coin' ? (
                <RingThumb
                  stockId={way.stockId}
                  wish={{ ...asked, holeMm: way.holeMm, school: way.school }}
                  finish={draft.finish}
                />
              ) : null
            }
            compared={compared.includes(wayKey(way))}
            canCompare={compared.length < MOST_COMPARED}
            onCompare={() => dispatch(comparedToggled(wayKey(way)))}
            onPlan={() => onPlan(way)}
          />
        ))}
      </View>
      <CompareSheet
        ways={chosen}
        nameOf={nameOf}
        asked={{ ...asked, finish: draft.finish }}
        kit={tools}
        open={comparing}
        onClose={() => setComparing(false)}
        onPlan={(way) => {
          setComparing(false);
          onPlan(way);
        }}
      />
    </View>
  );
}

function Search({ drawer }: { drawer: readonly WayPiece[] }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const wide = useWidthClass() === 'wide';
  const search = useSearch(drawer);
  const { part, bring } = useBroughtIntoView(search.asked && search.job.fresh);
  const { sizeText, finish, allowanceUs } = useAppSelector((state) => state.planDraft);
  const { lengthUnit } = useSettings();
  const impossible = Object.keys(search.problems).length > 0;
  const plan = useCallback(
    (way: Way) => {
      const { stockId } = way;
      if (way.kind === 'coin') {
        const { holeMm, school } = way;
        dispatch(optionTaken({ stockId, holeMm, school }));
        router.navigate('/plan');
        return;
      }
      dispatch(workTaken({ work: way.work, stockId, sizeText, finish, allowanceUs, unit: lengthUnit }));
      router.navigate({ pathname: '/plan/[kind]', params: { kind: way.kind } });
    },
    [dispatch, router, sizeText, finish, allowanceUs, lengthUnit],
  );
  const header = (
    <PlaceHeader
      title="What should I use?"
      note="Every piece, and all that can be made of it, ranked"
      end={<TextButton label="back" describe="Back to the plan" onPress={() => router.navigate('/plan')} />}
    />
  );
  const ask = (
    <Button
      look="main"
      label={search.asked && !search.changed ? 'Search again' : 'Search the stock'}
      disabled={impossible}
      onPress={() => {
        if (search.asked && !search.changed) search.job.retry();
        else dispatch(searchAsked());
        bring();
      }}
    />
  );
  if (wide) {
    return (
      <View className="flex-1 flex-row" testID="search-screen">
        <View style={{ width: 400 }} className="border-r border-line">
          <View className="px-4 pt-4">{header}</View>
          <ScrollView contentContainerClassName="px-4 py-3">
            <WishForm problems={search.problems} />
          </ScrollView>
          <View className="border-t border-line px-4 py-3">{ask}</View>
        </View>
        <ScrollView className="min-w-0 flex-1" contentContainerClassName="px-6 py-4">
          <Answers search={search} drawer={drawer} onPlan={plan} />
        </ScrollView>
      </View>
    );
  }
  return (
    <Screen testID="search-screen" header={header} footer={ask}>
      <WishForm problems={search.problems} />
      <View ref={part} className="pt-2">
        <Answers search={search} drawer={drawer} onPlan={plan} />
      </View>
    </Screen>
  );
}
