const { marked } = require('marked');

/** What begins a paragraph for readers of the source. */
const FOR_READERS_OF_THE_SOURCE = 'In code:';
const CODE_COLUMN = 'in code';
/** "§12" in a text leads to that section. */
const SECTION = /§(\d+)/g;

/** Text with its references to sections apart. */
function withSections(text) {
  const parts = [];
  let from = 0;
  for (const match of text.matchAll(SECTION)) {
    if (match.index > from) parts.push({ as: 'text', text: text.slice(from, match.index) });
    parts.push({ as: 'section', text: match[0], to: match[1] });
    from = match.index + match[0].length;
  }
  if (from < text.length) parts.push({ as: 'text', text: text.slice(from) });
  return parts;
}

const AS = { strong: 'strong', em: 'em', codespan: 'code' };
/** Tags that a formula may hold. */
const RAISED = /^<(sup|sub)>$/;

function inlineOf(tokens) {
  let as = 'text';
  return tokens.flatMap((token) => {
    if (token.type === 'html') {
      as = RAISED.exec(token.raw)?.[1] ?? 'text';
      return [];
    }
    // A line of the file ends where its editor wraps it, not where a sentence does.
    const text = token.text.replace(/\s+/g, ' ');
    if (token.type === 'text') return as === 'text' ? withSections(text) : [{ as, text }];
    if (!AS[token.type]) throw new Error(`The handbook has no way to show "${token.raw}".`);
    return [{ as: AS[token.type], text }];
  });
}

function tableOf({ header, rows }) {
  const shown = header.map((_cell, i) => i).filter((i) => header[i].text !== CODE_COLUMN);
  const cells = (row) => shown.map((i) => inlineOf(row[i].tokens));
  return { kind: 'table', head: cells(header), rows: rows.map(cells) };
}

function blockOf(token) {
  if (token.type === 'paragraph') {
    return token.text.startsWith(FOR_READERS_OF_THE_SOURCE)
      ? []
      : [{ kind: 'paragraph', text: inlineOf(token.tokens) }];
  }
  if (token.type === 'list') {
    const items = token.items.map(({ tokens }) => inlineOf(tokens.flatMap((part) => part.tokens ?? [])));
    return [{ kind: 'list', items }];
  }
  if (token.type === 'table') return [tableOf(token)];
  if (token.type === 'space') return [];
  throw new Error(`The handbook has no way to show "${token.raw}".`);
}

const slugOf = (title) =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/**
 * A page of docs/ as the app shows it.
 * @param {string} markdown headings "## 3. Coin to band" begin a chapter 3, "### Fold" in it a part "3-fold"
 * @returns {{title: string, intro: object[], sections: object[]}} sections in reading order
 * @throws where it holds what the app has no way to show
 */
function pageOf(markdown) {
  const page = { title: '', intro: [], sections: [] };
  let chapter = '';
  for (const token of marked.lexer(markdown)) {
    if (token.type === 'heading' && token.depth === 1) page.title = token.text;
    else if (token.type === 'heading') {
      const numbered = /^(\d+)\. (.+)$/.exec(token.text);
      const title = numbered?.[2] ?? token.text;
      if (token.depth === 2) chapter = numbered?.[1] ?? slugOf(title);
      const id = token.depth === 2 ? chapter : `${chapter}-${slugOf(title)}`;
      page.sections.push({ id, chapter, title, blocks: [] });
    } else (page.sections.at(-1)?.blocks ?? page.intro).push(...blockOf(token));
  }
  return page;
}

module.exports = { pageOf };
