import { COMFORTABLE_CUT_EDGE_MM } from '@round-mint/core/forming';
import type { DerivedRoute } from '@round-mint/core/bench';
import type { NewRoute } from '@round-mint/core/replan';
import { useState } from 'react';
import { View } from 'react-native';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { replanWords } from './replan-words';

/** A derived route whose cut edge gets thinner than is comfortable. */
export interface ThinRoute {
  readonly because: string;
  readonly route: NewRoute;
  readonly comfortable: NewRoute | undefined;
}

/** @returns undefined where the rest of the ring keeps its edge comfortable */
export function thinRouteOf(derived: DerivedRoute): ThinRoute | undefined {
  if (derived.kind !== 'changed' || !derived.thin || !derived.route) return undefined;
  const { because, route, thin } = derived;
  return { because, route, comfortable: thin.comfortable };
}

interface ThinEdgeNoticeProps {
  readonly thin: ThinRoute;
  readonly log: BenchLog;
  /** Whether the maker is asked why. */
  readonly asking: boolean;
  readonly onAsk: (asking: boolean) => void;
}

/** The size can be had, with a thin edge: go on all the same and say why, or take the nearest size that keeps it. */
export function ThinEdgeNotice({ thin, log, asking, onAsk }: ThinEdgeNoticeProps) {
  const write = useWriters();
  const [why, setWhy] = useState('');
  const { because, route, comfortable } = thin;
  const size = write.size(route.targetInsideDiameterMm);
  const edge = write.length(route.thicknessCutEdgeMm, 2);
  const take = (taken: NewRoute, words: string) => {
    onAsk(false);
    log.reroute(because, taken, `${words} ${replanWords(taken, write.size, write.length)}`);
  };
  const goOn = () => take(route, `${size} with a cut edge of ${edge}: ${why.trim()}.`);
  const nearest = comfortable && write.size(comfortable.targetInsideDiameterMm);
  return (
    <View testID="thin-edge" className="gap-2">
      <Notice level="warn" title={`${size} leaves ${edge} at the cut edge.`} live>
        {`Under ${write.length(COMFORTABLE_CUT_EDGE_MM)} it wears thin and feels sharp.`}
      </Notice>
      <Button label={`Go on to ${size}`} onPress={() => onAsk(true)} />
      {comfortable ? (
        <Button
          label={`Make it ${nearest} instead`}
          onPress={() => take(comfortable, `${nearest} instead of ${size}, for the cut edge.`)}
        />
      ) : null}
      <Sheet
        title={`${size} leaves ${edge} at the cut edge.`}
        open={asking}
        onClose={() => onAsk(false)}
        footer={<Button look="main" label={`Go on to ${size}`} disabled={why.trim() === ''} onPress={goOn} />}
      >
        <Field
          label="Why it may be so thin"
          value={why}
          onChangeText={setWhy}
          hint="In a few words; kept with the ring."
          maxLength={200}
        />
      </Sheet>
    </View>
  );
}
