import { zodResolver } from '@hookform/resolvers/zod';
import { EDGE_KINDS, OUTSIDE_FACES, type StockInput, type StockItem } from '@round-mint/contract/stock';
import type { LengthUnit } from '@round-mint/core/format';
import { COIN_FORMS } from '@round-mint/core/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Controller, useForm, useWatch, type Control, type FieldPath } from 'react-hook-form';
import { View } from 'react-native';
import { useSettings } from '@/features/shared/settings/use-settings';
import { newId } from '@/store/new-id';
import { useSaveStockMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useFormDraft } from '@/store/use-form-draft';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { MetalPicker } from '@/features/shared/inputs/MetalPicker';
import { foundFrom, foundTexts } from '@/features/stock/identify/found-piece';
import { verdictWords } from '@/features/stock/identify/identify-model';
import { OnePiece } from './PieceScreen';
import { carryOver, newPieceDraft } from './new-piece-drafts';
import { PieceFormPage } from './PieceFormPage';
import { newPieceTexts, workPieceTexts } from './work-piece-form';
import { WorkPieceForm } from './WorkPieceForm';
import { liveFill, NEW_PIECE, pieceFormSchema, pieceTexts, type PieceTexts } from './piece-form';

type FormControl = Control<PieceTexts, unknown, StockInput>;

interface TextProps {
  control: FormControl;
  name: FieldPath<PieceTexts>;
  label: string;
  unit?: string;
  hint?: string;
  numeric?: boolean;
  multiline?: boolean;
  required?: boolean;
}

function FormText({ control, name, numeric = false, ...field }: TextProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field: { value, onChange, onBlur }, fieldState: { error } }) => (
        <Field
          {...field}
          className="flex-1"
          value={value}
          onChangeText={onChange}
          onBlur={onBlur}
          error={error?.message}
          inputMode={numeric ? 'decimal' : 'text'}
          testID={`field-${name}`}
        />
      )}
    />
  );
}

interface FormChoicesProps {
  control: FormControl;
  name: FieldPath<PieceTexts>;
  label: string;
  values: readonly string[];
}

function FormChoices({ control, name, label, values }: FormChoicesProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field: { value, onChange } }) => (
        <View className="gap-1">
          <Type as="label">{label}</Type>
          <Choices
            label={label}
            minWidth={76}
            choices={values.map((choice) => ({ value: choice, label: choice }))}
            value={value}
            onChange={onChange}
          />
        </View>
      )}
    />
  );
}

/** Mass, size and metal checked against each other while they are typed. */
function FillLine({ control, unit }: { control: FormControl; unit: LengthUnit }) {
  const fill = liveFill(useWatch({ control }) as PieceTexts, unit);
  if (!fill) return null;
  return (
    <Notice
      testID="fill-check"
      level={fill.ok ? 'good' : 'warn'}
      title={fill.ok ? 'The figures agree.' : 'Measure again?'}
      live
    >
      {fill.message}
    </Notice>
  );
}

interface PieceFormProps {
  title: string;
  /** Above the form: which kind of piece it is. */
  head?: ReactNode;
  /** What a test of it found; an edit keeps it. */
  evidence?: StockItem['evidence'];
  start: PieceTexts;
  /** The piece that is changed; left out for a new one. */
  piece?: StockItem;
}

function PieceForm({ title, start, piece, head, evidence }: PieceFormProps) {
  const { lengthUnit, currency } = useSettings();
  const router = useRouter();
  const [save, { isLoading }] = useSaveStockMutation();
  const [problem, setProblem] = useState<string>();
  // Made once, so that sending the form twice adds one piece.
  const [freshId] = useState(newId);
  // With what the change began with: a draft that lay here for a day is told from what was changed since.
  const { texts, type, base, forget, line } = useFormDraft(
    piece ? `piece/${piece.id}` : newPieceDraft('coin'),
    start,
    piece,
  );
  const resolver = useMemo(() => zodResolver(pieceFormSchema(lengthUnit)), [lengthUnit]);
  const { control, handleSubmit, subscribe, reset } = useForm<PieceTexts, unknown, StockInput>({
    defaultValues: texts,
    resolver,
  });
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => type(values),
      }),
    [subscribe, type],
  );
  const beginAnew = () => {
    reset(start);
    line.onStartOver();
  };
  const submit = handleSubmit(async (typed) => {
    setProblem(undefined);
    try {
      const saved = await save({
        ...typed,
        ...(evidence ? { evidence } : {}),
        id: base?.id ?? freshId,
        isNew: base === undefined,
        base,
      }).unwrap();
      forget();
      router.replace({ pathname: '/stock/[id]', params: { id: saved.id } });
    } catch (error) {
      setProblem(problemText(error));
    }
  });
  return (
    <PieceFormPage title={title} isSaving={isLoading} problem={problem} onSave={() => void submit()}>
      {head}
      <DraftLine {...line} onStartOver={beginAnew} />
      <FormText
        control={control}
        name="name"
        label="Name"
        required
        hint="As you would call it: issuer, value, year."
      />
      <View className="flex-row gap-3">
        <FormText control={control} name="issuer" label="Issued by" />
        <FormText control={control} name="year" label="Year" numeric />
      </View>
      <Controller
        control={control}
        name="metal"
        render={({ field: { value, onChange } }) => <MetalPicker value={value} onChange={onChange} />}
      />
      <View className="flex-row gap-3">
        <FormText control={control} name="diameterMm" label="Diameter" required unit={lengthUnit} numeric />
        <FormText control={control} name="rimThicknessMm" label="Rim thickness" unit={lengthUnit} numeric />
      </View>
      <View className="flex-row gap-3">
        <FormText control={control} name="massG" label="Mass" unit="g" numeric hint="Best to 0.01 g." />
        <FormText control={control} name="quantity" label="Pieces" numeric />
      </View>
      <FillLine control={control} unit={lengthUnit} />
      <FormChoices control={control} name="form" label="Form" values={COIN_FORMS} />
      <FormChoices control={control} name="edge" label="Edge" values={EDGE_KINDS} />
      <FormChoices
        control={control}
        name="outsideFace"
        label="Face that goes outside"
        values={OUTSIDE_FACES}
      />
      <View className="flex-row gap-3">
        <FormText control={control} name="grade" label="Grade" />
        <FormText control={control} name="price" label="Paid" unit={currency} numeric />
      </View>
      <FormText control={control} name="origin" label="Where it came from" />
      <FormText control={control} name="notes" label="Notes" multiline />
      <FormText
        control={control}
        name="legalNote"
        label="Legal note"
        multiline
        hint="Altering coins is restricted in some countries: note what you found out."
      />
    </PieceFormPage>
  );
}

const KINDS = [
  { value: 'coin', label: 'coin, medal' },
  { value: 'handle', label: 'silverware' },
  { value: 'strip', label: 'strip, wire' },
  { value: 'band', label: 'finished band' },
] as const;

/** A new piece: of which kind, then its measures; one that was tested first brings what was found. */
export function NewPieceScreen() {
  const { found: param, kind: asked } = useLocalSearchParams<{ found?: string; kind?: string }>();
  const router = useRouter();
  const found = useMemo(() => foundFrom(param), [param]);
  const [kind, setKind] = useState<StockItem['kind']>(
    () => KINDS.find(({ value }) => value === asked)?.value ?? 'coin',
  );
  const choose = (to: StockItem['kind']) => {
    carryOver(kind, to);
    setKind(to);
    // It survives the page being loaded anew; each kind keeps what it was measured by.
    router.setParams({ kind: to });
  };
  const head = (
    <View className="gap-3">
      {found ? (
        <Notice level="note" title={`Tested: ${verdictWords(found.identity)}`} testID="found" />
      ) : null}
      <LabelledChoices label="Kind of piece" choices={KINDS} value={kind} onChange={choose} minWidth={120} />
    </View>
  );
  const told = found ? foundTexts(found) : {};
  const form = { title: 'A new piece', head, ...(found ? { evidence: found.evidence } : {}) };
  if (kind === 'coin') return <PieceForm {...form} start={{ ...NEW_PIECE, ...told }} />;
  return <WorkPieceForm {...form} key={kind} kind={kind} start={newPieceTexts(kind, told.metal)} />;
}

function EditPiece({ piece }: { piece: StockItem }) {
  const { lengthUnit, primarySystem } = useSettings();
  const title = `Edit ${piece.name}`;
  if (piece.kind === 'coin') {
    return (
      <PieceForm
        key={piece.id}
        title={title}
        start={pieceTexts(piece, lengthUnit)}
        piece={piece}
        evidence={piece.evidence}
      />
    );
  }
  return (
    <WorkPieceForm
      key={piece.id}
      kind={piece.kind}
      title={title}
      start={workPieceTexts(piece, primarySystem)}
      piece={piece}
      evidence={piece.evidence}
    />
  );
}

export function EditPieceScreen() {
  return <OnePiece>{(piece) => <EditPiece piece={piece} />}</OnePiece>;
}
