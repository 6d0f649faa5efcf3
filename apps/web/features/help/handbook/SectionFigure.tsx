import type { StepKind } from '@round-mint/core/steps';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { StepIcon } from '@/drawings/route/StepIcon';
import {
  CentringFigure,
  DieChartFigure,
  FaceFigure,
  GaugeFigure,
  SpinnerFigure,
  StagesFigure,
} from './figures';
import { MetalsTable, SizesTable } from './tables';
import { RemedyList } from './RemedyList';

const FIGURES: Readonly<Record<string, ComponentType>> = {
  '3': StagesFigure,
  '3-centring': CentringFigure,
  '4': GaugeFigure,
  '5': DieChartFigure,
  '6-spinner-ring': SpinnerFigure,
  '15': FaceFigure,
};

/** What is as wide as the text stands below it. */
const BELOW: Readonly<Record<string, ComponentType>> = {
  '1': SizesTable,
  '2': MetalsTable,
  '10': RemedyList,
};

/** Kinds of step whose sign stands beside the section that tells of them. */
const SIGNS: Readonly<Record<string, StepKind>> = {
  '2-how-hot': 'anneal',
  '3-punch-and-deburr': 'cut',
  '3-fold': 'fold',
  '3-stretch': 'stretch',
  '3-finish-the-wall': 'straighten',
  '3-turning-the-edges-in': 'curl',
  '3-trim-and-true-up': 'trim',
  '6-bending-and-springback': 'bend',
  '6-joint': 'solder',
  '6-rolling': 'roll',
  '8': 'patina',
};
const SIGN_PX = 72;

/** What a section tells, drawn; nothing where words do. */
export function SectionFigure({ section }: { section: string }) {
  const Figure = FIGURES[section];
  if (Figure) return <Figure />;
  const sign = SIGNS[section];
  if (!sign) return null;
  return (
    <View aria-hidden>
      <StepIcon kind={sign} size={SIGN_PX} />
    </View>
  );
}

/** Tables and lists below a section's text. */
export function SectionTable({ section }: { section: string }) {
  const Table = BELOW[section];
  return Table ? <Table /> : null;
}
