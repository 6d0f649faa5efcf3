import escapeHtml from 'escape-html';
import type { FirstLook, RingAtFirst } from '../services/first-look';

/** Where the built page takes a class, and where the rings go. */
const HTML_TAG = '<html ';
const PLACE = '<!-- The first look. -->';

/** How the page is drawn until the app has read the settings. */
const CLASSES: Readonly<Record<FirstLook['light'], string>> = {
  day: '',
  torch: 'class="torch" ',
  device: 'class="device" ',
};

const element = (name: string, text: string | undefined) =>
  text === undefined ? '' : `<${name}>${escapeHtml(text)}</${name}>`;

function row({ id, next, instruction, where, from }: RingAtFirst): string {
  const words = `${element('strong', next)}${element('p', instruction)}${element('span', where)}${element('span', from)}`;
  return `<li><a href="/bench/${encodeURIComponent(id)}">${words}</a></li>`;
}

function list({ title, note, rings, more }: FirstLook): string {
  if (rings.length === 0) return '';
  const head = `${element('h1', title)}${element('p', note)}`;
  const foot = element('p', more > 0 ? `and ${more} more` : undefined);
  return `<div id="first-look">${head}<ul>${rings.map(row).join('')}</ul>${foot}</div>`;
}

/** The page with the rings in work on it, in the maker's light: read and pressed while the app is on its way. */
export function withFirstLook(page: string, look: FirstLook): string {
  return page.replace(HTML_TAG, () => `${HTML_TAG}${CLASSES[look.light]}`).replace(PLACE, () => list(look));
}
