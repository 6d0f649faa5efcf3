import type { StoredDieChart } from '@round-mint/contract/die-charts';
import { useState } from 'react';
import { View } from 'react-native';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useListDieChartsQuery, useRemoveDieChartMutation } from '@/store/bench-api';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Empty, Fetched } from '@/ui/Waiting';
import { AddChartSheet } from './AddChartSheet';
import { DieChartCard } from './DieChartCard';

/** What the long die was seen to do, pusher by pusher. */
export function DieChartsScreen() {
  return (
    <Fetched from={useListDieChartsQuery()} what="the die charts">
      {(charts) => <DieCharts charts={charts} />}
    </Fetched>
  );
}

function DieCharts({ charts }: { charts: readonly StoredDieChart[] }) {
  const write = useWriters();
  const [remove] = useRemoveDieChartMutation();
  const [adding, setAdding] = useState(false);
  const archive = useArchive('die-chart', remove);
  return (
    <Screen
      maxWidth={760}
      testID="die-charts-screen"
      header={<PlaceHeader title="Log" note="Where to stop on each pusher, from what was seen" />}
      footer={<Button look="main" label="Add a chart" onPress={() => setAdding(true)} />}
    >
      <LogTabs here="Die charts" />
      {charts.length === 0 ? (
        <Empty title="No chart yet.">
          A chart belongs to a kind of coin, a long die and a pusher. Each pass adds a dot; routes under tape
          then say where to stop.
        </Empty>
      ) : null}
      <View role="list" aria-label="Die charts">
        {charts.map((chart) => (
          <DieChartCard
            key={chart.id}
            chart={chart}
            onRemove={() =>
              void archive({ id: chart.id, name: `The chart of the ${write.length(chart.pusherMm)} pusher` })
            }
          />
        ))}
      </View>
      <AddChartSheet open={adding} onClose={() => setAdding(false)} />
    </Screen>
  );
}
