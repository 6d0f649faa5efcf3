import { plainText, wordsOfBlock, type HandbookPage } from './page';

const { pageOf } = jest.requireActual<{ pageOf: (markdown: string) => HandbookPage }>('./page-of.cjs');

describe('a page of docs/', () => {
  const page = pageOf(`# Title

In code: \`left/out\`.

First, in **bold**
and _soft_.

## 3. Chapter

Width λ<sup>−a</sup>, see §9.

In code: [somewhere](else.md).

### A part, and more

- **One**: first
- second
  goes on

## Odd ones

| word | in code | meaning |
| ---- | ------- | ------- |
| lip  | \`lipMm\` | inside  |
`);

  it('has a title, words before its first chapter, and chapters with parts', () => {
    expect(page.title).toBe('Title');
    expect(page.intro.map(wordsOfBlock)).toEqual(['First, in bold and soft.']);
    expect(page.sections.map(({ id, chapter, title }) => [id, chapter, title])).toEqual([
      ['3', '3', 'Chapter'],
      ['3-a-part-and-more', '3', 'A part, and more'],
      ['odd-ones', 'odd-ones', 'Odd ones'],
    ]);
  });

  it('leaves out what is for readers of the source', () => {
    expect(JSON.stringify(page)).not.toMatch(/In code|left\/out|lipMm|somewhere/);
  });

  it('keeps raised letters and references to sections apart', () => {
    expect(page.sections[0]?.blocks).toEqual([
      {
        kind: 'paragraph',
        text: [
          { as: 'text', text: 'Width λ' },
          { as: 'sup', text: '−a' },
          { as: 'text', text: ', see ' },
          { as: 'section', text: '§9', to: '9' },
          { as: 'text', text: '.' },
        ],
      },
    ]);
  });

  it('reads lists whose lines go on, and tables without their column of code', () => {
    const [list] = page.sections[1]?.blocks ?? [];
    expect(list?.kind === 'list' && list.items.map(plainText)).toEqual(['One: first', 'second goes on']);
    const [table] = page.sections[2]?.blocks ?? [];
    expect(table && wordsOfBlock(table)).toBe('word meaning lip inside');
  });

  it('refuses what the app has no way to show', () => {
    expect(() => pageOf('# T\n\n![picture](x.png)')).toThrow('no way to show "![picture](x.png)"');
    expect(() => pageOf('# T\n\n> quoted')).toThrow('no way to show');
  });
});
