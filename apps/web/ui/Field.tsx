import { useId } from 'react';
import { TextInput, View, type TextInputProps } from 'react-native';
import { Type } from './Type';

interface FieldProps extends Omit<TextInputProps, 'id'> {
  label: string;
  /** Unit after the box: "mm". */
  unit?: string | undefined;
  /** What is wrong and what would be accepted. */
  error?: string | undefined;
  /** Help while nothing is wrong. */
  hint?: string | undefined;
  /** Nothing is saved without it. */
  required?: boolean;
}

/** A labelled text box; its error is tied to it for screen readers and never clears what was typed. */
export function Field({
  label,
  unit,
  error,
  hint,
  required = false,
  className = '',
  multiline,
  ...input
}: FieldProps) {
  const id = useId();
  const noteId = `${id}-note`;
  const note = error ?? hint;
  return (
    <View className={`gap-1 ${className}`}>
      <View className="flex-row flex-wrap">
        <Type as="label" nativeID={`${id}-label`}>
          {label}
          {unit ? <Type as="small">{` (${unit})`}</Type> : null}
        </Type>
        {required ? (
          <Type as="small" aria-hidden>
            {' · needed'}
          </Type>
        ) : null}
      </View>
      <TextInput
        // Twice: a checker takes a label that is scrolled out of sight for none.
        aria-label={label}
        aria-labelledby={`${id}-label`}
        {...(note ? { 'aria-describedby': noteId } : {})}
        {...(error ? { 'aria-invalid': true } : {})}
        {...(required ? { 'aria-required': true } : {})}
        multiline={multiline}
        className={`min-h-[48px] rounded-sm border bg-paper px-3 py-2 font-body text-base text-ink ${
          error ? 'border-2 border-stop' : 'border-soft'
        } ${multiline ? 'min-h-[96px]' : ''}`}
        {...input}
      />
      {note ? (
        <Type
          as="small"
          nativeID={noteId}
          role={error ? 'alert' : undefined}
          className={error ? 'text-stop' : ''}
        >
          {error ? `✕ ${error}` : note}
        </Type>
      ) : null}
    </View>
  );
}
