import { useState } from 'react';
import { problemText } from './problem';
import { useFormDraft, type FormDraft } from './use-form-draft';

/** What is wrong, by the box that it is wrong in; "server" for what was refused as a whole. */
type Problems = Readonly<Record<string, string>>;

/** A form on a sheet: what is typed, what is wrong with it, and how it is saved. */
export interface KeptForm<Texts, Thing> extends Pick<FormDraft<Texts, Thing>, 'texts' | 'type' | 'base'> {
  readonly problems: Problems;
  readonly refuse: (problems: Problems) => void;
  /** Once it is saved, what was typed is let go of and the sheet closes; else it says why. @returns whether it was */
  readonly keep: (save: () => Promise<unknown>) => Promise<boolean>;
  /** For the sheet that it stands on. */
  readonly sheet: {
    readonly problem: string | undefined;
    readonly draft: FormDraft<Texts, Thing>['line'];
    readonly onClose: () => void;
  };
}

/**
 * A form that is kept while it is typed, and let go of once it is saved.
 * @param options.name, start, thing as {@link useFormDraft} takes them
 */
export function useKeptForm<Texts extends object, Thing extends object = object>({
  name,
  start,
  thing,
  onClose,
}: {
  readonly name: string;
  readonly start: Texts;
  readonly thing?: Thing | undefined;
  readonly onClose: () => void;
}): KeptForm<Texts, Thing> {
  const { texts, type, base, forget, line } = useFormDraft<Texts, Thing>(name, start, thing);
  const [problems, refuse] = useState<Problems>({});
  const keep = async (save: () => Promise<unknown>) => {
    refuse({});
    try {
      await save();
    } catch (error) {
      refuse({ server: problemText(error) });
      return false;
    }
    forget();
    onClose();
    return true;
  };
  return {
    texts,
    type,
    base,
    problems,
    refuse,
    keep,
    sheet: { problem: problems['server'], draft: line, onClose },
  };
}
