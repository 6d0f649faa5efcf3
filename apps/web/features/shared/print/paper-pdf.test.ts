import { PDFDocument } from 'pdf-lib';
import { textIn } from '@/testing/pdf-text';
import { paperPdf, wrapped } from './paper-pdf';
import type { Paper } from './paper';

const PAPER: Paper = {
  title: 'Card',
  blocks: [
    { kind: 'title', text: 'Ring of the night boat' },
    { kind: 'line', label: 'Size', value: 'US 9½ · UK S' },
    { kind: 'line', label: 'Price', value: '84.00 cr', strong: true },
    { kind: 'gap' },
    { kind: 'text', text: 'Silver tarnishes. '.repeat(40) },
  ],
};

describe('paperPdf', () => {
  it('writes what it is given, with fractions', async () => {
    const text = await textIn(await paperPdf(PAPER));
    expect(text).toContain('Ring of the night boat');
    expect(text).toContain('US 9½');
    expect(text).toContain('84.00 cr');
  });

  it('writes what is to be done with what to mind, whole on one page', async () => {
    const task = {
      kind: 'task',
      label: '3. Fold, stroke 1 of 3',
      value: '4 min',
      notes: ['17° fold die', 'stop at US 2½, rim edge down'],
    } as const;
    const bytes = await paperPdf({ title: 'Route', blocks: Array.from({ length: 30 }, () => task) });
    const text = await textIn(bytes);
    for (const words of [task.label, task.value, ...task.notes]) expect(text).toContain(words);
    expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);
  });

  it('goes on to another page when one is full', async () => {
    const long = { ...PAPER, blocks: Array.from({ length: 120 }, () => PAPER.blocks[1]!) };
    const file = await PDFDocument.load(await paperPdf(long));
    expect(file.getPageCount()).toBeGreaterThan(1);
    expect(file.getTitle()).toBe('Card');
  });

  it('keeps together what a gap says, on a new page where it has to', async () => {
    const block = (keepMm?: number) => [
      { kind: 'gap' as const, ...(keepMm === undefined ? {} : { keepMm }) },
      { kind: 'heading' as const, text: 'One ring' },
    ];
    const pagesOf = async (keepMm?: number) => {
      const blocks = [...block(keepMm), ...block(keepMm), ...block(keepMm)];
      return (await PDFDocument.load(await paperPdf({ title: 'Rings', blocks }))).getPageCount();
    };
    expect(await pagesOf()).toBe(1);
    expect(await pagesOf(250)).toBe(3);
  });

  it('leaves out letters that its font lacks rather than failing', async () => {
    const odd = { title: 'Odd', blocks: [{ kind: 'text', text: 'Ring 硬 of Tårn' }] } as const;
    expect(await textIn(await paperPdf(odd))).toContain('of Tårn');
  });
});

describe('wrapped', () => {
  const measure = (words: string) => words.length;

  it('breaks between words, never in one', () => {
    expect(wrapped('one two three four', 9, measure)).toEqual(['one two', 'three', 'four']);
    expect(wrapped('extraordinarily', 4, measure)).toEqual(['extraordinarily']);
    expect(wrapped('  ', 4, measure)).toEqual([]);
  });
});
