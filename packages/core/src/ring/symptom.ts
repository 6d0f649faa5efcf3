import { SYMPTOMS } from './codes';
export type Symptom = (typeof SYMPTOMS)[number];

export function isSymptom(text: string): text is Symptom {
  return SYMPTOMS.some((known) => known === text);
}
