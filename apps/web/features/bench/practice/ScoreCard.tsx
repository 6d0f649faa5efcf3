import { durationWords } from '@round-mint/core/format';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import type { Game, Score } from '@round-mint/core/practice';
import { useEffect, useMemo } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { FactLine } from '@/ui/FactLine';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Type } from '@/ui/Type';
import { useJob } from '@/workers/use-job';
import { keepBest, scored } from './practice-slice';
import { actionWords } from './practice-words';

const ENDED = {
  finished: 'Done.',
  cracked: 'Cracked.',
  saddled: 'Gone to a saddle.',
} as const;

function Parts({ score, game }: { score: Score; game: Game }) {
  const write = useWriters();
  const points = (value: number, of: number) => `${Math.round(value)} of ${of}`;
  return (
    <View role="list" aria-label="Points">
      <FactLine name="Whole" value={points(score.whole, 15)} />
      <FactLine
        name="Size"
        value={`${write.off(score.sizeOffUs * MM_PER_US_SIZE)} · ${points(score.size, 40)}`}
      />
      <FactLine name="Width" value={`${write.length(score.bandWidthMm)} · ${points(score.width, 20)}`} />
      <FactLine
        name="Time"
        value={`${durationWords(game.minutes)}, the best route ${durationWords(score.bestMin)} · ${points(score.time, 25)}`}
      />
      <FactLine name="Anneals" value={`${game.anneals}, the best route ${score.bestAnneals}`} />
    </View>
  );
}

/** What came of it, against the best route; the moment that cost the most; the lesson. */
export function ScoreCard({ game, onAgain }: { game: Game; onAgain: () => void }) {
  const write = useWriters();
  const dispatch = useAppDispatch();
  const best = useAppSelector((state) => state.practice.best);
  const question = useMemo(() => ({ game }), [game]);
  const { answer: score, progress, cancel } = useJob('practiceScore', question, 0);
  const total = score?.total;
  const { id } = game.exercise;
  useEffect(() => {
    if (total !== undefined) dispatch(scored({ exercise: id, points: total }));
  }, [dispatch, id, total]);
  useEffect(() => keepBest(best), [best]);
  if (!score) return <Progress what="Working out the best route" share={progress ?? 0} onStop={cancel} />;
  const { costliest } = score;
  return (
    <View className="gap-3" testID="score">
      <Type as="heading">{game.ended ? ENDED[game.ended] : ''}</Type>
      <Type as="display">{`${score.total} of 100`}</Type>
      <Parts score={score} game={game} />
      {costliest ? (
        <Notice
          level="warn"
          title={`Cost the most: ${actionWords(costliest.action, game, write.size, write.length)}`}
        >
          {`Your move ${costliest.moment + 1} of ${game.moments.length}: ${Math.round(costliest.points)} points less could be had after it.`}
        </Notice>
      ) : (
        <Notice level="good" title="No move cost much." />
      )}
      <Notice level="note" title={score.lesson} />
      <Button look="main" label="Once more, another piece" onPress={onAgain} />
    </View>
  );
}
