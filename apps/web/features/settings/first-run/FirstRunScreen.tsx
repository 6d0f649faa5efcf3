import type { Settings } from '@round-mint/contract/settings';
import { Redirect, useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useChangeSettingsMutation, useGetSettingsQuery } from '@/store/api';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { screenAfter, SET_UP_SCREENS, type SetUpScreen } from './first-run-model';
import { SizesPart } from './SizesPart';
import { ToolsPart } from './ToolsPart';

interface StepProps {
  readonly screen: SetUpScreen;
  readonly title: string;
  readonly about: string;
  readonly problem: string | undefined;
  readonly onSkip: () => void;
  readonly footer: ReactNode;
  readonly children: ReactNode;
}

/** One screen of the first run: what it asks, how far it is, and the way past it. */
function Step({ screen, title, about, problem, onSkip, footer, children }: StepProps) {
  return (
    <Screen
      maxWidth={640}
      testID="first-run"
      header={
        <View className="gap-1">
          <View className="flex-row items-center justify-between">
            <Type as="small">{`Your workshop, ${SET_UP_SCREENS.indexOf(screen) + 1} of ${SET_UP_SCREENS.length}`}</Type>
            <TextButton label="Skip all of it" onPress={onSkip} />
          </View>
          <Type as="title">{title}</Type>
          <Type as="small">{about}</Type>
        </View>
      }
      footer={
        <View className="gap-2">
          {problem ? <Notice level="stop" title={problem} live /> : null}
          {footer}
        </View>
      }
    >
      {children}
    </Screen>
  );
}

function FirstRun({ settings }: { settings: Settings }) {
  const router = useRouter();
  const [save] = useChangeSettingsMutation();
  const [problem, setProblem] = useState<string>();
  const screen = settings.setUp;
  if (screen === 'done') return <Redirect href="/bench" />;
  const change = async (patch: Partial<Settings>): Promise<boolean> => {
    setProblem(undefined);
    try {
      await save(patch).unwrap();
      return true;
    } catch (error) {
      setProblem(problemText(error));
      return false;
    }
  };
  const goOn = () => change({ setUp: screenAfter(screen) });
  const leaveTo = async (href: '/bench' | '/stock/new' | '/stock/test' | '/plan/begin') => {
    if (await change({ setUp: 'done' })) router.replace(href);
  };
  const step = { screen, problem, onSkip: () => void leaveTo('/bench') };
  switch (screen) {
    case 'sizes':
      return (
        <Step
          {...step}
          title="How do you read a size?"
          about="All of it can be changed later, under Settings."
          footer={<Button look="main" label="Go on" onPress={() => void goOn()} />}
        >
          <SizesPart settings={settings} onChange={(patch) => void change(patch)} />
        </Step>
      );
    case 'tools':
      return (
        <ToolsPart onDone={() => void goOn()}>
          {(sets, action) => (
            <Step
              {...step}
              problem={action.problem ?? problem}
              title="Which tools are here?"
              about="Common sets with their usual sizes, single tools with yours. All of it can be changed later under Stock, Kit."
              footer={
                <>
                  <Button look="main" label={action.label} disabled={action.busy} onPress={action.onPress} />
                  <Type as="small">
                    Without any, plans use a plain reference kit, and say so until you enter your own.
                  </Type>
                </>
              }
            >
              {sets}
            </Step>
          )}
        </ToolsPart>
      );
    case 'first-piece':
      return (
        <Step
          {...step}
          title="The first piece"
          about="A coin, a spoon, a strip or a finished band: measured once, it can be planned."
          footer={<Button look="main" label="Enter a piece" onPress={() => void leaveTo('/stock/new')} />}
        >
          <Button label="What is this piece? Test it first" onPress={() => void leaveTo('/stock/test')} />
          <Button label="It is half-made: begin from there" onPress={() => void leaveTo('/plan/begin')} />
          <Button label="Later: to the bench" onPress={() => void leaveTo('/bench')} />
        </Step>
      );
  }
}

/** Sizes, tools, the first piece: what a maker is asked once, at any of which they may leave and come back. */
export function FirstRunScreen() {
  return (
    <Fetched from={useGetSettingsQuery()} what="the settings">
      {(settings) => <FirstRun settings={settings} />}
    </Fetched>
  );
}
