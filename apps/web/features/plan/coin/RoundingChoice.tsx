import { curlToolOf, curlWishOf, PUSH_DEPTHS, type PushDepth } from '@round-mint/core/forming';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import { View } from 'react-native';
import { WallProfile } from '@/drawings/section/WallProfile';
import { curlToolWords } from '@/features/plan/answer/curl-words';
import { curlChosen } from '@/features/plan/draft/plan-draft-slice';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Choices } from '@/ui/Choices';
import { Type } from '@/ui/Type';
import { roundingTools, toolKey, useRoundingOptions, type RoundingOption } from './use-rounding-options';

const DEPTH_NAMES: Readonly<Record<PushDepth, string>> = { light: 'lightly', half: 'half', full: 'full' };
const QUARTER_SIZE_MM = MM_PER_US_SIZE / 4;
const PICTURE = { width: 84, height: 96 } as const;

/** How the edges of a rounded wall are turned in: the tool, and how far, each with its section. */
export function RoundingChoice({ model }: { model: PlanModel }) {
  const { curl } = useAppSelector((state) => state.planDraft);
  const dispatch = useAppDispatch();
  const write = useWriters();
  const tools = roundingTools(model);
  const tool = curlToolOf(curl);
  const options = useRoundingOptions(model, curl);
  const walls = [...options.values()].flatMap((option) =>
    option ? [option.finished, ...(option.straight ? [option.straight] : [])] : [],
  );
  const picture = (option: RoundingOption) => (
    <WallProfile outline={option.finished} before={option.straight} beside={walls} {...PICTURE} />
  );
  const chosen = options.get(curl.depth);
  return (
    <View className="gap-2">
      <Type as="small">Edges turned in with</Type>
      <Choices
        label="Edges turned in with"
        choices={tools.map((one) => ({ value: toolKey(one), label: curlToolWords(one, write) }))}
        value={toolKey(tool)}
        onChange={(key) => {
          const next = tools.find((one) => toolKey(one) === key);
          if (next) dispatch(curlChosen(curlWishOf(next, curl.depth)));
        }}
        minWidth={92}
      />
      <Type as="small">How far</Type>
      <Choices
        label="How far"
        testID="push-depths"
        choices={PUSH_DEPTHS.map((depth) => {
          const option = options.get(depth);
          const known = options.has(depth);
          return {
            value: depth,
            label: DEPTH_NAMES[depth],
            note: option ? `from ${write.size(option.beforeMm)}` : known ? 'not this ring' : '…',
            picture: option ? picture(option) : <View style={PICTURE} />,
            describe: option
              ? `${DEPTH_NAMES[depth]}: from ${write.sizeAndLength(option.beforeMm)}, each edge pushed ${write.length(option.pushMm)}`
              : `${DEPTH_NAMES[depth]}: ${known ? 'not this ring' : 'working it out'}`,
          };
        })}
        value={curl.depth}
        onChange={(depth) => dispatch(curlChosen(curlWishOf(tool, depth)))}
        minWidth={100}
      />
      {chosen ? (
        <Type as="small" testID="push-words">
          {`Straight at ${write.sizeAndLength(chosen.beforeMm)}, then each edge ${write.length(chosen.pushMm)} past the first touch: it falls ${write.length(chosen.dropMm)}, about ${Math.round(chosen.dropMm / QUARTER_SIZE_MM)} quarter sizes.`}
        </Type>
      ) : null}
    </View>
  );
}
