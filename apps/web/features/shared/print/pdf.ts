// In one file, so that what both draw with is loaded once, and only when a PDF is wanted.
export { paperPdf } from './paper-pdf';
export { sheetPdf } from './sheet-pdf';
export { labelsPdf } from './labels-pdf';
