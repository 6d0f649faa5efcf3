import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { LengthUnit } from '@round-mint/core/format';
import type { Finish } from '@round-mint/core/steps';
import type { Work, WorkKind } from '@round-mint/core/work';
import { WORK_KINDS } from '@round-mint/core/work/codes';
import { startTexts, textsOf, type WorkTexts } from './work-fields';

/** What is being planned of one kind; the size as typed, so that a slip of the thumb loses nothing. */
export interface WorkDraft {
  readonly stockId: string | null;
  readonly sizeText: string;
  readonly finish: Finish;
  /** A wide-band allowance that was accepted, US sizes. */
  readonly allowanceUs: number;
  readonly texts: WorkTexts;
}

type Drafts = Record<WorkKind, WorkDraft>;

const first = (kind: WorkKind): WorkDraft => ({
  stockId: null,
  sizeText: 'US 8',
  finish: 'polished',
  allowanceUs: 0,
  texts: startTexts(kind),
});

interface Change {
  readonly kind: WorkKind;
  readonly change: Partial<Omit<WorkDraft, 'texts'>>;
}

interface Taken extends Omit<WorkDraft, 'texts'> {
  readonly work: Work;
  /** In which lengths are typed. */
  readonly unit: LengthUnit;
}

export const worksSlice = createSlice({
  name: 'works',
  initialState: Object.fromEntries(WORK_KINDS.map((kind) => [kind, first(kind)])) as Drafts,
  reducers: {
    /** A work that was found elsewhere is planned from here on. */
    workTaken: (drafts, { payload: { work, unit, ...draft } }: PayloadAction<Taken>) => {
      drafts[work.kind] = { ...drafts[work.kind], ...draft, texts: textsOf(work, unit) };
    },
    workChanged: (drafts, { payload: { kind, change } }: PayloadAction<Change>) => {
      Object.assign(drafts[kind], change);
    },
    workTyped: (
      drafts,
      { payload: { kind, key, text } }: PayloadAction<{ kind: WorkKind; key: string; text: string }>,
    ) => {
      drafts[kind].texts = { ...drafts[kind].texts, [key]: text };
    },
  },
});

export const { workChanged, workTaken, workTyped } = worksSlice.actions;
