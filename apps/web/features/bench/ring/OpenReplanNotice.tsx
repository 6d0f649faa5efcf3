import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import type { OpenReplan } from './use-replan';

/** The last reading is off the plan and nobody planned on from it yet: what is different then, and one tap to do it. */
export function OpenReplanNotice({ replan }: { replan: OpenReplan }) {
  return (
    <View className="gap-2" testID="open-replan">
      <Notice level="note" title="The rest can be planned again from what was found." live>
        {replan.why}
      </Notice>
      <Button label="Plan on from it" onPress={replan.take} />
    </View>
  );
}
