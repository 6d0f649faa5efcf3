import { PAPERS, type Sheet, type SheetMark } from './sheet';

function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
}

function number(value: number): string {
  return String(Math.round(value * 1000) / 1000);
}

function markSvg(mark: SheetMark): string {
  switch (mark.kind) {
    case 'line':
      return `<line x1="${number(mark.x1)}" y1="${number(mark.y1)}" x2="${number(mark.x2)}" y2="${number(mark.y2)}" stroke-width="${mark.widthMm}"${mark.dashed ? ' stroke-dasharray="2 1"' : ''}/>`;
    case 'circle':
      return `<circle cx="${number(mark.x)}" cy="${number(mark.y)}" r="${number(mark.radiusMm)}" stroke-width="${mark.widthMm}"${mark.dashed ? ' stroke-dasharray="2 1"' : ''}/>`;
    case 'polyline': {
      const points = mark.points.map(({ x, y }) => `${number(x)},${number(y)}`).join(' ');
      return `<${mark.closed ? 'polygon' : 'polyline'} points="${points}" stroke-width="${mark.widthMm}"/>`;
    }
    case 'text':
      return `<text x="${number(mark.x)}" y="${number(mark.y)}" font-size="${mark.heightMm}" text-anchor="${mark.anchor ?? 'start'}" stroke="none" fill="black">${escaped(mark.text)}</text>`;
  }
}

/** The sheet as an SVG file whose units are millimetres: true scale in any program that keeps them. */
export function sheetSvg({ paper, title, marks }: Sheet): string {
  const { widthMm, heightMm } = PAPERS[paper];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" fill="none" stroke="black" font-family="sans-serif">`,
    `<title>${escaped(title)}</title>`,
    ...marks.map(markSvg),
    '</svg>',
    '',
  ].join('\n');
}
