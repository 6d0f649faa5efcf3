import type { ErrorBoundaryProps } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';

/** Stands where a place cannot be shown: what happened, and how to go on. The bar with the other places stays. */
export function PlaceProblem({ error, retry }: ErrorBoundaryProps) {
  return (
    <Screen testID="place-problem" footer={<Button label="Try again" onPress={() => void retry()} />}>
      <View role="alert">
        <Notice level="stop" title="This page cannot be shown.">
          <Type as="body">
            What was logged and saved is kept. Try again, or go to another place in the bar. If it happens
            again, reload the page.
          </Type>
        </Notice>
      </View>
      <Type as="label">What went wrong</Type>
      <Type as="small" testID="problem-detail">
        {error.message}
      </Type>
    </Screen>
  );
}
