import { centringSheet, PAPERS, sheetSvg, type PaperId } from '@round-mint/core/template';
import { useState } from 'react';
import { View } from 'react-native';
import { saveFile } from '@/features/print/save-file';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';

interface TemplateButtonsProps {
  coinName: string;
  diameterMm: number;
  holeMm: number;
}

const PAPER_CHOICES = (Object.keys(PAPERS) as PaperId[]).map((value) => ({
  value,
  label: PAPERS[value].name,
}));

/** A page to print at true scale: centring target and card holder for this coin. */
export function TemplateButtons({ coinName, diameterMm, holeMm }: TemplateButtonsProps) {
  const [paper, setPaper] = useState<PaperId>('a4');
  const [problem, setProblem] = useState(false);
  const sheet = () => centringSheet({ coinName, diameterMm, holeMm, paper });
  const savePdf = async () => {
    try {
      setProblem(false);
      const { sheetPdf } = await import('@/features/print/sheet-pdf');
      saveFile('centring.pdf', await sheetPdf(sheet()), 'application/pdf');
    } catch {
      setProblem(true);
    }
  };
  return (
    <View className="gap-2">
      <Type as="heading">A template to print</Type>
      <Type as="small">
        Centring target and card holder at true scale, with a bar of 50 mm to check the printer by.
      </Type>
      <Choices label="Paper" choices={PAPER_CHOICES} value={paper} onChange={setPaper} />
      <View className="flex-row gap-2">
        <Button className="flex-1" label="Save as PDF" onPress={() => void savePdf()} />
        <Button
          className="flex-1"
          label="Save as SVG"
          onPress={() => saveFile('centring.svg', sheetSvg(sheet()), 'image/svg+xml')}
        />
      </View>
      {problem ? (
        <Notice level="stop" title="The PDF could not be made." live>
          The server does not answer. The SVG needs nothing from it.
        </Notice>
      ) : null}
    </View>
  );
}
