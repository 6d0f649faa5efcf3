import { countWords } from '../format';
import type { Catalogue, CatalogueItem, CataloguePicture } from './catalogue-item';
import { productList } from './product-data';
import { CATALOGUE_WORDS } from './catalogue-words';

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Words as a page has to write them: none of their signs means anything there. */
function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (sign) => ENTITIES[sign] ?? sign);
}

/** Data within a page: no text of it can end the element that it stands in. */
function dataElement(data: object): string {
  const json = JSON.stringify(data).replaceAll('<', '\\u003c');
  return `<script type="application/ld+json">${json}</script>`;
}

const STYLE = `
:root{color-scheme:light dark;--paper:#f3efe5;--ink:#22262d;--soft:#5c584e;--line:#cfc6ae}
@media (prefers-color-scheme:dark){:root{--paper:#1b1d20;--ink:#ece7da;--soft:#b3ac9b;--line:#4a473f}}
*{box-sizing:border-box}
body{margin:0;background:var(--paper);color:var(--ink);font:17px/1.5 system-ui,sans-serif;font-variant-numeric:lining-nums tabular-nums}
main,header,footer{max-width:1080px;margin:0 auto;padding:20px}
h1{font-size:1.9rem;line-height:1.2;margin:.2em 0}
h2{font-size:1.3rem;line-height:1.3;margin:.6em 0 .2em}
p{margin:.5em 0}
.soft,figcaption,dt,footer{color:var(--soft)}
figcaption{font-size:.85rem;padding-top:4px}
.rings{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,320px),1fr));gap:36px 32px}
article{border-top:2px solid var(--ink);padding-top:12px;break-inside:avoid}
figure{margin:0 0 8px}
img{display:block;width:100%;height:auto;background:#fff}
.more{display:flex;gap:8px}
.more img{width:calc(50% - 4px)}
.price{font-size:1.4rem;font-weight:700;margin:.3em 0}
dl{display:grid;grid-template-columns:auto 1fr;margin:.6em 0}
dt,dd{margin:0;padding:5px 0;border-top:1px solid var(--line)}
dd{text-align:right;padding-left:14px}
summary{padding:10px 0;cursor:pointer;text-decoration:underline}
@media print{:root{--paper:#fff;--ink:#000;--soft:#333;--line:#999}body{font-size:10.5pt}main,header,footer{padding:0}.rings{grid-template-columns:1fr 1fr}details{display:none}@page{margin:16mm}}
`;

function pictureWords({ pictures }: CatalogueItem): string {
  const image = ({ dataUrl, alt }: CataloguePicture) =>
    `<img src="${escaped(dataUrl)}" alt="${escaped(alt)}">`;
  const [first, ...more] = pictures;
  if (!first) return '';
  const rest = more.length === 0 ? '' : `<div class="more">${more.map(image).join('')}</div>`;
  return `<figure>${image(first)}<figcaption>${escaped(first.alt)}</figcaption>${rest}</figure>`;
}

function itemWords(item: CatalogueItem): string {
  const facts = item.facts.map(([name, value]) => `<dt>${escaped(name)}</dt><dd>${escaped(value)}</dd>`);
  const long = item.long
    .split('\n\n')
    .map((part) => `<p>${escaped(part)}</p>`)
    .join('');
  return `<article id="${escaped(item.id)}">
${pictureWords(item)}
<h2>${escaped(item.name)}</h2>
<p class="price">${escaped(item.priceWords)}${item.isReserved ? ` <span class="soft">· ${CATALOGUE_WORDS.reserved}</span>` : ''}</p>
<p>${escaped(item.short)}</p>
<dl>${facts.join('')}</dl>
<details><summary>${CATALOGUE_WORDS.more}</summary>${long}</details>
</article>`;
}

/**
 * The shelf as one page that needs nothing else: pictures, styles and product data stand within it, and no program.
 * It reads on a phone and prints two rings side by side.
 */
export function catalogueHtml(catalogue: Catalogue): string {
  const { title, workshop, madeOn, items } = catalogue;
  const count = countWords(items.length, CATALOGUE_WORDS.ring);
  const body =
    items.length === 0
      ? `<p>${CATALOGUE_WORDS.nothing}</p>`
      : `<div class="rings">${items.map(itemWords).join('\n')}</div>`;
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(title)}</title>
<style>${STYLE}</style>
${dataElement(productList(catalogue))}
</head>
<body>
<header><p class="soft">${escaped(workshop)}</p><h1>${escaped(title)}</h1><p class="soft">${CATALOGUE_WORDS.asOf(count, escaped(madeOn))}</p></header>
<main>
${body}
</main>
<footer><p>Every ring is one of a kind. Made from pieces that were altered for good; an altered coin must never be passed as money. Local law on altered coins and on hallmarks applies.</p></footer>
</body>
</html>
`;
}
