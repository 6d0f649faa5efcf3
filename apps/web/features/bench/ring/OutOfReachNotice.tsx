import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { outOfReachWords, replanWords } from './replan-words';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import type { DerivedRoute } from '@round-mint/core/bench';

interface OutOfReachNoticeProps {
  readonly answer: Extract<DerivedRoute, { kind: 'out-of-reach' }>;
  readonly targetMm: number;
  readonly log: BenchLog;
}

/** The size cannot be had any more: why, the nearest that can, and one tap to go on with it. */
export function OutOfReachNotice({ answer, targetMm, log }: OutOfReachNoticeProps) {
  const write = useWriters();
  const { why, nearest, because } = answer;
  const size = nearest && write.size(nearest.targetInsideDiameterMm);
  return (
    <View testID="out-of-reach">
      <Notice level="stop" title={`${write.size(targetMm)} is out of reach: ${outOfReachWords(why)}`} live>
        {nearest
          ? `Nearest that is still possible: ${size}, with a band ${write.length(nearest.bandWidthMm)} wide and ${write.length(nearest.thicknessCutEdgeMm, 2)} at the cut edge.`
          : 'No size near it is possible either. The piece may still make a larger-holed, narrower ring: see Trouble.'}
      </Notice>
      {nearest ? (
        <Button
          label={`Make it ${size} instead`}
          onPress={() =>
            log.reroute(
              because,
              nearest,
              `${size} instead of ${write.size(targetMm)}. ${replanWords(nearest, write.size, write.length)}`,
            )
          }
        />
      ) : null}
    </View>
  );
}
