import { View } from 'react-native';
import { Button } from './Button';
import { Notice } from './Notice';
import type { ProblemSum } from './use-problem-sum';

interface SaveButtonProps {
  /** What of the form keeps it from being saved. */
  sum: ProblemSum;
  label: string;
  /** On a page with several, none is the main one. */
  look?: 'main' | 'plain';
  /** It is on its way. */
  saving?: boolean;
  /** Why the server would not have it. */
  problem?: string | undefined;
  onPress: () => void;
  testID?: string;
}

/** A form's main action; a try that fails tells here how many boxes are wrong. */
export function SaveButton({
  sum,
  label,
  look = 'main',
  saving = false,
  problem,
  onPress,
  testID,
}: SaveButtonProps) {
  return (
    <View className="gap-2">
      {sum.words ? <Notice level="stop" title={sum.words} live /> : null}
      {problem ? <Notice level="stop" title={problem} live /> : null}
      <Button
        look={look}
        label={saving ? 'Saving …' : label}
        disabled={saving}
        onPress={() => {
          onPress();
          sum.tried();
        }}
        {...(testID === undefined ? {} : { testID })}
      />
    </View>
  );
}
