import { PAPERS, sheetDxf, sheetSvg, type PaperId, type Sheet } from '@round-mint/core/template';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { saveFile } from './save-file';

interface PrintButtonsProps {
  title: string;
  about: string;
  /** Of the files, without ending. */
  fileName: string;
  sheet: (paper: PaperId) => Sheet;
}

const PAPER_CHOICES = (Object.keys(PAPERS) as PaperId[]).map((value) => ({
  value,
  label: PAPERS[value].name,
}));

/** A page to print at true scale, as a file of the maker's choice. */
export function PrintButtons({ title, about, fileName, sheet }: PrintButtonsProps) {
  const [paper, setPaper] = useState<PaperId>('a4');
  const [problem, setProblem] = useState(false);
  const savePdf = async () => {
    try {
      setProblem(false);
      const { sheetPdf } = await import('./pdf');
      saveFile(`${fileName}.pdf`, await sheetPdf(sheet(paper)), 'application/pdf');
    } catch {
      setProblem(true);
    }
  };
  const saveText = (ending: string, type: string, write: (sheet: Sheet) => string) =>
    saveFile(`${fileName}.${ending}`, write(sheet(paper)), type);
  return (
    <View className="gap-2">
      <Type as="heading">{title}</Type>
      <Type as="small">{`${about} With a bar of 50 mm to check the printer by.`}</Type>
      <Choices label={`Paper: ${title}`} choices={PAPER_CHOICES} value={paper} onChange={setPaper} />
      <View className="flex-row gap-2">
        <Button
          className="flex-1"
          label="PDF"
          describe={`Save as PDF: ${title}`}
          onPress={() => void savePdf()}
        />
        <Button
          className="flex-1"
          label="SVG"
          describe={`Save as SVG: ${title}`}
          onPress={() => saveText('svg', 'image/svg+xml', sheetSvg)}
        />
        <Button
          className="flex-1"
          label="DXF"
          describe={`Save as DXF: ${title}`}
          onPress={() => saveText('dxf', 'image/vnd.dxf', sheetDxf)}
        />
      </View>
      {problem ? (
        <Notice level="stop" title="The PDF could not be made." live>
          The server does not answer. SVG and DXF need nothing from it.
        </Notice>
      ) : null}
    </View>
  );
}
