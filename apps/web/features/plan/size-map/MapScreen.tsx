import type { CoinStock } from '@round-mint/contract/stock';
import { spoiltMarks } from '@round-mint/core/faces';
import { openingTools, type MapCell, type SizeMap } from '@round-mint/core/search';
import { useRouter } from 'expo-router';
import { useCallback, useMemo } from 'react';
import { View } from 'react-native';
import { optionTaken, wallChosen } from '@/features/plan/draft/plan-draft-slice';
import { wallWish, type PlanModel } from '@/features/plan/draft/plan-model';
import { usePieceParam } from '@/features/plan/draft/use-piece-param';
import { usePlanModel } from '@/features/plan/draft/use-plan-model';
import { WALLS } from '@/features/shared/words/walls';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Progress } from '@/ui/Progress';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { useJob, type Job } from '@/workers/use-job';
import { CELL_WORDS, openingWords, SPOILT } from './map-words';
import { MapGrid } from './MapGrid';

/** What can this coin become? Every finger size with every punch. */
export function MapScreen() {
  usePieceParam();
  return (
    <Fetched from={usePlanModel()} what="stock and tools">
      {(model) => <MapOfPiece model={model} />}
    </Fetched>
  );
}

function Legend({ hasMarks }: { hasMarks: boolean }) {
  const { thin, stepped, tool, not } = CELL_WORDS;
  const marks = [thin, stepped, tool, not, ...(hasMarks ? [SPOILT] : [])];
  return (
    <View className="flex-row flex-wrap gap-x-5 gap-y-1" role="list" aria-label="Marks">
      <Type role="listitem" as="small">
        8.9: width, the wider the darker
      </Type>
      {marks.map(({ mark, words }) => (
        <Type key={mark} role="listitem" as="small">{`${mark} ${words}`}</Type>
      ))}
    </View>
  );
}

function MapAnswer({
  job,
  piece,
  targetMm,
  onChoose,
}: {
  job: Job<SizeMap>;
  piece: CoinStock;
  targetMm: number | undefined;
  onChoose: (cell: MapCell) => void;
}) {
  const write = useWriters();
  const { answer: map, fresh, progress, problem, cancel, retry } = job;
  const spoils = useCallback((holeMm: number) => spoiltMarks(piece, holeMm), [piece]);
  const openings = useMemo(() => (map ? openingTools(map) : []), [map]);
  return (
    <View className="gap-3">
      {progress === undefined ? null : (
        <Progress what="Going through sizes and holes" share={progress} onStop={cancel} />
      )}
      {progress === undefined && !fresh ? (
        <Button label={problem ? 'It stopped. Try again' : 'Go through sizes and holes'} onPress={retry} />
      ) : null}
      {map ? (
        <View className={`gap-3 ${fresh ? '' : 'opacity-50'}`}>
          <Legend hasMarks={(piece.mustStay ?? []).length > 0} />
          {openings.length > 0 ? (
            <View role="list" aria-label="Tools that would open sizes">
              {openings.map((opening) => (
                <Type key={opening.tool.words} role="listitem">
                  {openingWords(opening, write)}
                </Type>
              ))}
            </View>
          ) : null}
          <MapGrid
            map={map}
            targetMm={targetMm}
            size={write.size}
            length={write.length}
            spoils={spoils}
            onChoose={onChoose}
          />
        </View>
      ) : null}
    </View>
  );
}

function MapOfPiece({ model }: { model: PlanModel }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const write = useWriters();
  const draft = useAppSelector((state) => state.planDraft);
  const { piece, kit, traits, targetMm } = model;
  const { wall, curl, school } = draft;
  const question = useMemo(
    () => piece && { coin: piece, wall: wallWish({ wall, curl }), school, kit, traits },
    [piece, wall, curl, school, kit, traits],
  );
  const job = useJob('sizeMap', question);
  const choose = useCallback(
    ({ holeMm, targetMm: sizeMm }: MapCell) => {
      dispatch(optionTaken({ holeMm, sizeText: write.size(sizeMm) }));
      router.navigate('/plan');
    },
    [dispatch, router, write],
  );
  const back = (
    <TextButton label="back" describe="Back to the plan" onPress={() => router.navigate('/plan')} />
  );
  if (!piece) {
    return (
      <Screen header={<PlaceHeader title="What can it become?" end={back} />}>
        <Empty title="No coin chosen yet.">Choose a coin in the plan first.</Empty>
      </Screen>
    );
  }
  return (
    <Screen
      maxWidth={900}
      testID="map-screen"
      header={
        <PlaceHeader
          title="What can it become?"
          note={`${piece.name} · ⌀ ${write.length(piece.diameterMm)} · tap a width to plan it`}
          end={back}
        />
      }
    >
      <LabelledChoices
        label="Wall"
        choices={WALLS}
        value={wall}
        onChange={(value) => dispatch(wallChosen(value))}
      />
      <MapAnswer job={job} piece={piece} targetMm={targetMm} onChoose={choose} />
    </Screen>
  );
}
