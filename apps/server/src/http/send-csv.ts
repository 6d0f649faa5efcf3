import type { Response } from 'express';

/** Answers with a table as a file to be saved. @param name what the file holds: "stock" */
export function sendCsv(response: Response, name: string, text: string): void {
  response.type('text/csv').attachment(`round-mint-${name}.csv`).send(text);
}
