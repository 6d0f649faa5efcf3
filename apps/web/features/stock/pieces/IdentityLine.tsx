import type { StockItem } from '@round-mint/contract/stock';
import { identify } from '@round-mint/core/identify';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { OperationList } from '@/features/stock/identify/OperationList';
import { verdictWords } from '@/features/stock/identify/identify-model';

/** What a test of the piece found, or the way to one. */
export function IdentityLine({ piece }: { piece: StockItem }) {
  const router = useRouter();
  const identity = piece.evidence ? identify(piece.evidence) : undefined;
  return (
    <View className="gap-2 py-1">
      {identity ? (
        <>
          <Type as="heading">{`Tested: ${verdictWords(identity)}`}</Type>
          <OperationList may={identity.may} />
        </>
      ) : null}
      <Button
        label={identity ? 'Test it again' : 'What is this piece?'}
        onPress={() => router.push({ pathname: '/stock/test', params: { stockId: piece.id } })}
      />
    </View>
  );
}
