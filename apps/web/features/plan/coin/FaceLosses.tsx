import { faceOutside } from '@round-mint/core/faces';
import { FACES } from '@round-mint/core/steps';
import { useMemo } from 'react';
import { View } from 'react-native';
import { FaceDrawing } from '@/drawings/face/FaceDrawing';
import { lipRadii, markStandings, standingWords } from '@/features/plan/draft/must-stay';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { faceAddress } from '@/features/shared/picture/face-address';
import { faceIdOf } from '@/features/shared/picture/face-choice';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { FaceTurned } from './FaceTurned';

const SIZE_PX = 160;

/** Both flat faces with what the hole and the lip take, and what becomes of everything that must stay. */
export function FaceLosses({ model }: { model: PlanModel }) {
  const { length } = useWriters();
  const { piece, plan, holeMm, traits, ownedHoles } = model;
  const known = useMemo(() => {
    if (!piece || holeMm === undefined) return undefined;
    const lips = lipRadii(piece, plan, traits);
    return { lips, standings: markStandings(piece, holeMm, lips, ownedHoles) };
  }, [piece, plan, holeMm, traits, ownedHoles]);
  if (!piece || holeMm === undefined || !known) return null;
  const { lips, standings } = known;
  const outside = faceOutside(piece);
  return (
    <View className="gap-2" testID="face-losses">
      <View className="flex-row justify-around">
        {FACES.map((face) => {
          const faceId = faceIdOf(piece, face);
          const where = face === outside ? 'outside' : 'inside';
          return (
            <View key={face} className="items-center gap-1">
              <FaceDrawing
                size={SIZE_PX}
                diameterMm={piece.diameterMm}
                picture={faceId === undefined ? undefined : faceAddress(faceId, SIZE_PX)}
                holeMm={holeMm}
                lipRadiusMm={lips[face]}
                marks={standings
                  .filter(({ mark }) => mark.face === face)
                  .map(({ mark, stays }) => ({ id: mark.id, mark: mark.mark, stays: stays === 'whole' }))}
                label={`The ${face}, ${where}: what the hole of ${length(holeMm)} and the lip take is pale`}
              />
              <Type as="small">{`${face} · ${where}`}</Type>
            </View>
          );
        })}
      </View>
      <FaceTurned piece={piece} />
      {standings.map((standing) => (
        <Notice
          key={standing.mark.id}
          level={standing.stays === 'whole' ? 'good' : 'stop'}
          title={standingWords(standing, holeMm, length)}
          testID={`must-stay-${standing.stays}`}
        />
      ))}
    </View>
  );
}
