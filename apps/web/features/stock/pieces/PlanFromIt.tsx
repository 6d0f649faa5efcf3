import type { StockItem } from '@round-mint/contract/stock';
import { WORK_KINDS, STOCK_FOR } from '@round-mint/core/work';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';
import { Button } from '@/ui/Button';

/** What can be made of a piece, the usual thing first. */
export function PlanFromIt({ piece }: { piece: StockItem }) {
  const router = useRouter();
  const kinds = WORK_KINDS.filter((kind) => STOCK_FOR[kind] === piece.kind);
  return (
    <View className="gap-2">
      {piece.kind === 'coin' ? (
        <Button
          look="main"
          label="Plan a ring from it"
          onPress={() => router.push({ pathname: '/plan', params: { stockId: piece.id } })}
        />
      ) : null}
      {piece.kind === 'coin' ? (
        <Button
          label="Begin half-made from it"
          onPress={() => router.push({ pathname: '/plan/begin', params: { stockId: piece.id } })}
        />
      ) : null}
      {kinds.map((kind, i) => (
        <Button
          key={kind}
          look={i === 0 && piece.kind !== 'coin' ? 'main' : 'plain'}
          label={PLAN_KIND_WORDS[kind].action}
          onPress={() => router.push({ pathname: '/plan/[kind]', params: { kind, stockId: piece.id } })}
        />
      ))}
    </View>
  );
}
