import { SIZE_SYSTEMS } from '@round-mint/core/size';
import type { LearntAnswer, LearntValueAnswer } from '@round-mint/contract/learnt';
import { findingsOf, foretellsBetter } from '@round-mint/core/learn';
import { Link } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useChangeSettingsMutation, useGetLearntQuery } from '@/store/api';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { CourseChart } from './CourseChart';
import { findingWords } from './finding-words';
import { ForecastPanel } from './ForecastPanel';
import { errorText, nameOf, restsOn, valueText } from './learnt-words';

const FEWEST_RINGS = 3;

/** What values are about, and in which order those of a subject stand: all of them at once are six screens. */
const SUBJECTS = [
  { name: 'shape', what: ['share', 'wall', 'trim', 'curl', 'fold', 'spread', 'ends'] },
  { name: 'springback', what: ['gauge', 'springback'] },
  { name: 'losses', what: ['allowance', 'wrinkle', 'melt', 'slip'] },
  { name: 'times', what: ['minutes'] },
] as const satisfies readonly {
  readonly name: string;
  readonly what: readonly LearntValueAnswer['what'][];
}[];

/** Of many years' log, the latest that lie far off tell enough. */
const MOST_OUTLIERS = 8;

function Outliers({ ids, names }: { ids: readonly string[]; names: LearntAnswer['outlierNames'] }) {
  const latest = ids.slice(-MOST_OUTLIERS);
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <Type as="small">Far from all others:</Type>
      {latest.map((id) => (
        <Link key={id} href={{ pathname: '/log/[id]', params: { id } }} asChild>
          <Pressable role="link" className="min-h-[44px] justify-center active:opacity-70">
            <Type as="small" className="text-ink underline">
              {names[id] ?? 'a ring'}
            </Type>
          </Pressable>
        </Link>
      ))}
      {ids.length > latest.length ? (
        <Type as="small">{`and ${ids.length - latest.length} before`}</Type>
      ) : null}
    </View>
  );
}

/** One cause of slips: plans go by all of them together. */
function isOneCause({ what, of }: LearntValueAnswer): boolean {
  return what === 'slip' && of !== undefined;
}

function ValueRow({ value, names }: { value: LearntValueAnswer; names: LearntAnswer['outlierNames'] }) {
  const write = useWriters();
  const { standardFor } = useSettings();
  const [save] = useChangeSettingsMutation();
  const { title, about } = nameOf(value);
  const { key, standard, sigma, outliers, keptStandard, rings } = value;
  const few = rings < FEWEST_RINGS;
  const helps = foretellsBetter(value);
  const used = !keptStandard && !few && helps;
  const turn = () =>
    void save({
      standardFor: keptStandard ? standardFor.filter((one) => one !== key) : [...standardFor, key],
    });
  const error = errorText(value, write);
  return (
    <View role="listitem" className="border-b border-line py-2">
      <View className="flex-row items-start gap-3">
        <View className="flex-1">
          <Type as="strong">{title}</Type>
          <Type as="small">{`${about} · ${restsOn(value)}`}</Type>
        </View>
        <View className="items-end">
          <Type as="heading">{valueText(value, used ? value.value : standard, write)}</Type>
          <Type as="small">
            {used
              ? `default ${valueText(value, standard, write)}${sigma === undefined || value.what !== 'share' ? '' : `, ± ${sigma.toFixed(3)}`}`
              : few
                ? `default; too few rings, they say ${valueText(value, value.value, write)}`
                : !helps && !keptStandard
                  ? `default; what was learnt, ${valueText(value, value.value, write)}, is not yet better`
                  : `default; learnt ${valueText(value, value.value, write)}`}
          </Type>
        </View>
      </View>
      <View className="flex-row items-center justify-between gap-3">
        <Type as="small">{error === undefined ? '' : `predictions off by ${error}`}</Type>
        {few || !helps || isOneCause(value) ? null : (
          <TextButton
            label={keptStandard ? 'Use what was learnt' : 'Back to the default'}
            describe={`${title}: ${keptStandard ? 'use what was learnt' : 'back to the default'}`}
            onPress={turn}
          />
        )}
      </View>
      {outliers.length > 0 ? <Outliers ids={outliers} names={names} /> : null}
    </View>
  );
}

/** What is worth looking into at the bench itself. */
function Findings({ values }: Pick<LearntAnswer, 'values'>) {
  const write = useWriters();
  const found = findingsOf(values);
  if (found.length === 0) return null;
  return (
    <View role="list" aria-label="Worth looking into" testID="findings">
      {found.map((finding) => {
        const { title, todo } = findingWords(finding, write);
        return (
          <View key={finding.code} role="listitem">
            <Notice level="warn" title={title}>
              {todo}
            </Notice>
          </View>
        );
      })}
    </View>
  );
}

/** What is learnt now is not in the figures yet. */
function StillLearning({ rings }: { rings: number }) {
  return (
    <Type aria-live="polite">
      {`Learning from ${rings === 1 ? 'one more ring' : `${rings} more rings`}. Until then plans go by what is shown.`}
    </Type>
  );
}

function LearntView({ learnt }: { learnt: LearntAnswer }) {
  const [save] = useChangeSettingsMutation();
  const { primarySystem } = useSettings();
  const [subject, setSubject] = useState<(typeof SUBJECTS)[number]['name']>('shape');
  const { course, values, rings, used, toLearn, outlierNames } = learnt;
  if (values.length === 0) {
    return toLearn > 0 ? (
      <StillLearning rings={toLearn} />
    ) : (
      <Empty title="Nothing learnt yet.">
        Every finished ring with readings and calliper figures teaches. From three on, plans go by it.
      </Empty>
    );
  }
  const about = SUBJECTS.find(({ name }) => name === subject)?.what ?? [];
  const shown = about.flatMap((what) => values.filter((value) => value.what === what));
  const charts = (
    <View className="gap-4 wide:flex-1">
      <Choices
        label="Plans go by"
        choices={[
          { value: 'on', label: 'what your log taught' },
          { value: 'off', label: 'the defaults' },
        ]}
        value={used ? 'on' : 'off'}
        onChange={(value) => void save({ useLearnt: value === 'on' })}
        minWidth={140}
      />
      <ForecastPanel calibration={learnt.calibration} widths={learnt.widths} />
      <View className="gap-1">
        <Type as="heading">{`${SIZE_SYSTEMS[primarySystem].prefix} sizes off: funnels, turned-in edges and trims`}</Type>
        <CourseChart course={course} what="size" system={primarySystem} />
      </View>
      <View className="gap-1">
        <Type as="heading">Width and edges off, percent</Type>
        <CourseChart course={course} what="wall" system={primarySystem} />
        <Type as="small">
          {`${course.length < rings ? `The latest ${course.length} rings. ` : ''}Each ring as the rings before it predicted it, mean of the last eight. No ring vouches for itself.`}
        </Type>
      </View>
    </View>
  );
  return (
    <View className="gap-4">
      {toLearn > 0 ? <StillLearning rings={toLearn} /> : null}
      <Findings values={values} />
      <View className="gap-4 wide:flex-row wide:gap-8">
        {charts}
        <View className="min-w-0 gap-3 wide:flex-1">
          <LabelledChoices
            label="What it is about"
            choices={SUBJECTS.map(({ name }) => ({ value: name, label: name }))}
            value={subject}
            onChange={setSubject}
            minWidth={76}
          />
          {shown.length === 0 ? <Type as="small">Nothing learnt of this yet.</Type> : null}
          <View role="list" aria-label={`Learnt from ${rings} rings`}>
            {shown.map((value) => (
              <ValueRow key={value.key} value={value} names={outlierNames} />
            ))}
          </View>
        </View>
      </View>
    </View>
  );
}

/** What the log has taught about this bench, how sure it is, and the way back to the defaults. */
export function LearntScreen() {
  const learnt = useGetLearntQuery();
  const rings = learnt.data?.rings;
  return (
    <Screen
      maxWidth={1400}
      testID="learnt-screen"
      header={
        <PlaceHeader
          title="Log"
          note={rings === undefined ? undefined : `What the latest ${rings} finished rings teach`}
        />
      }
    >
      <LogTabs here="Learnt" />
      <Fetched from={learnt} what="what was learnt">
        {(data) => <LearntView learnt={data} />}
      </Fetched>
    </Screen>
  );
}
