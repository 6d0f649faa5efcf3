import { remedyFor } from '@round-mint/core/remedy';
import type { Symptom } from '@round-mint/core/ring';
import { View } from 'react-native';
import { Explained } from '@/features/shared/handbook/Explained';
import { HandbookLink } from '@/features/shared/handbook/HandbookLink';
import { SYMPTOM_SECTIONS } from '@/features/shared/handbook/sections';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

interface RemedySheetProps {
  /** Nothing is shown without one. */
  symptom: Symptom | undefined;
  onClose: () => void;
}

function Part({ title, sentences }: { title: string; sentences: readonly string[] }) {
  return (
    <View className="gap-1">
      <Type as="heading">{title}</Type>
      <View role="list" aria-label={title} className="gap-1">
        {sentences.map((sentence) => (
          <Type key={sentence} role="listitem">
            <Explained>{sentence}</Explained>
          </Type>
        ))}
      </View>
    </View>
  );
}

/** What to do now, why it happens, what to change next time. */
export function RemedyParts({ symptom }: { symptom: Symptom }) {
  const { title, causes, now, nextTime } = remedyFor(symptom);
  return (
    <>
      <Part title="What to do now" sentences={now} />
      <Part title="Why it happens" sentences={causes} />
      <Part title="Next time" sentences={nextTime} />
      <HandbookLink section={SYMPTOM_SECTIONS[symptom]} about={title} />
    </>
  );
}

/** One thing that goes wrong: why, what to do now, what to change next time. */
export function RemedySheet({ symptom, onClose }: RemedySheetProps) {
  if (!symptom) return null;
  return (
    <Sheet title={remedyFor(symptom).title} open onClose={onClose}>
      <RemedyParts symptom={symptom} />
    </Sheet>
  );
}
