/** The sheets that a ring at the bench may open. */
export type SheetName =
  'reading' | 'rolled' | 'trouble' | 'hole' | 'photo' | 'finish' | 'done' | 'unread' | 'thin' | 'anneal';
