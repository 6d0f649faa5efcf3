import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import type { Paper } from './paper';
import { saveFile } from './save-file';

interface PaperButtonProps {
  label: string;
  /** Of the file, without ending. */
  fileName: string;
  paper: () => Paper | Promise<Paper>;
}

/** Saves a paper as PDF. */
export function PaperButton({ label, fileName, paper }: PaperButtonProps) {
  const [problem, setProblem] = useState(false);
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      setProblem(false);
      const { paperPdf } = await import('./pdf');
      const name = fileName.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
      saveFile(`${name}.pdf`, await paperPdf(await paper()), 'application/pdf');
    } catch {
      setProblem(true);
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <Button label={busy ? 'Writing …' : label} disabled={busy} onPress={() => void save()} />
      {problem ? (
        <Notice level="stop" title="The PDF could not be made: the server does not answer." live />
      ) : null}
    </>
  );
}
