import type { StockItem } from '@round-mint/contract/stock';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings } from '@/features/shared/settings/use-settings';
import { newId } from '@/store/new-id';
import { useSaveStockMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { useFormDraft } from '@/store/use-form-draft';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { newPieceDraft } from './new-piece-drafts';
import { PieceFormPage } from './PieceFormPage';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { MetalPicker } from '@/features/shared/inputs/MetalPicker';
import {
  parseWorkPiece,
  PIECE_FIELDS,
  withStation,
  type StationTexts,
  type WorkPieceKind,
  type WorkPieceTexts,
} from './work-piece-form';

const TRUTHS = [
  { value: 'no', label: 'no' },
  { value: 'yes', label: 'yes' },
];

const STATION_FIELDS = [
  { key: 'atMm', label: 'at' },
  { key: 'thicknessMm', label: 'thick' },
  { key: 'widthMm', label: 'wide' },
] as const;

interface StationsProps {
  stations: readonly StationTexts[];
  problem: string | undefined;
  onType: (index: number, key: keyof StationTexts, text: string) => void;
  onAdd: () => void;
}

/** Thickness and width at places along the handle, from the tip. */
function Stations({ stations, problem, onType, onAdd }: StationsProps) {
  const { lengthUnit } = useSettings();
  return (
    <View className="gap-2">
      <Type as="heading">Along the handle, from the tip</Type>
      <Type as="small">Every place where it changes: tip, behind the pattern, thinnest, neck.</Type>
      {stations.map((station, i) => (
        <View key={i} className="flex-row gap-2">
          {STATION_FIELDS.map(({ key, label }) => (
            <Field
              key={key}
              className="flex-1"
              label={`Place ${i + 1}, ${label}`}
              unit={lengthUnit}
              value={station[key]}
              onChangeText={(text) => onType(i, key, text)}
              inputMode="decimal"
            />
          ))}
        </View>
      ))}
      {problem ? <Type as="small" role="alert" className="text-stop">{`✕ ${problem}`}</Type> : null}
      <TextButton label="One more place" onPress={onAdd} />
    </View>
  );
}

interface WorkPieceFormProps {
  kind: WorkPieceKind;
  title: string;
  start: WorkPieceTexts;
  /** The piece that is edited; left out for a new one. */
  piece?: StockItem;
  /** What a test of it found; an edit keeps it. */
  evidence?: StockItem['evidence'];
  /** Above the form: which kind it is. */
  head?: React.ReactNode;
}

/** Silverware, strip or a finished band: measured once. */
export function WorkPieceForm({ kind, title, start, piece, evidence, head }: WorkPieceFormProps) {
  const router = useRouter();
  const { lengthUnit, primarySystem, currency } = useSettings();
  const { texts, type, base, forget, line } = useFormDraft(
    piece ? `piece/${piece.id}` : newPieceDraft(kind),
    start,
    piece,
  );
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [save, { isLoading }] = useSaveStockMutation();
  const [freshId] = useState(newId);
  const { values, stations } = texts;
  const put = (key: string) => (text: string) => type({ values: { ...values, [key]: text } });
  const typeStation = (index: number, key: keyof StationTexts, text: string) =>
    type({ stations: stations.map((one, i) => (i === index ? { ...one, [key]: text } : one)) });
  const submit = async () => {
    const parsed = parseWorkPiece(kind, texts, lengthUnit, primarySystem);
    if (!parsed.ok) {
      setProblems(parsed.problems);
      return;
    }
    setProblems({});
    try {
      const saved = await save({
        ...parsed.piece,
        ...(evidence ? { evidence } : {}),
        id: base?.id ?? freshId,
        isNew: base === undefined,
        base,
      }).unwrap();
      forget();
      router.replace({ pathname: '/stock/[id]', params: { id: saved.id } });
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  const round = kind === 'strip' && values['section'] === 'round';
  const text = (key: string, label: string, numeric = false, unit?: string) => (
    <Field
      className="flex-1"
      label={label}
      unit={unit}
      value={values[key] ?? ''}
      onChangeText={put(key)}
      error={problems[key]}
      required={key === 'name'}
      inputMode={numeric ? 'decimal' : 'text'}
      testID={`field-${key}`}
    />
  );
  return (
    <PieceFormPage
      title={title}
      isSaving={isLoading}
      problem={problems['server']}
      onSave={() => void submit()}
    >
      {head}
      <DraftLine {...line} />
      {text('name', 'Name')}
      <MetalPicker value={values['metal'] ?? ''} onChange={put('metal')} />
      {kind === 'handle' ? (
        <Stations
          stations={stations}
          problem={problems['stations']}
          onType={typeStation}
          onAdd={() => type(withStation(texts))}
        />
      ) : null}
      {PIECE_FIELDS[kind]
        .filter(({ key }) => !(round && key === 'widthMm'))
        .map(({ key, label, what, choices }) =>
          what === 'length' || what === 'size' ? (
            <Field
              key={key}
              label={label}
              unit={what === 'length' ? lengthUnit : undefined}
              value={values[key] ?? ''}
              onChangeText={put(key)}
              error={problems[key]}
              inputMode={what === 'size' ? 'text' : 'decimal'}
              testID={`field-${key}`}
            />
          ) : (
            <View key={key} className="gap-1">
              <Type as="label">{label}</Type>
              <Choices
                label={label}
                choices={choices ?? TRUTHS}
                value={values[key] ?? 'no'}
                onChange={put(key)}
                minWidth={76}
              />
            </View>
          ),
        )}
      <View className="flex-row gap-3">
        {text('quantity', 'Pieces', true)}
        {text('price', 'Paid', true, currency)}
      </View>
      {text('origin', 'Where it came from')}
      {text('notes', 'Notes')}
      {text('legalNote', 'Legal note')}
    </PieceFormPage>
  );
}
