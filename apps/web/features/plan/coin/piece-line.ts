import { metalById } from '@round-mint/core/metal';
import type { PlanModel } from '@/features/plan/draft/plan-model';

/** "silver .900 · 30.9 mm · worked as 1.94 mm thick, from 14.8 g" */
export function pieceLine(
  { piece, plan }: PlanModel,
  length: (mm: number, decimals?: number) => string,
): string {
  if (!piece) return '';
  const worked = plan
    ? ` · worked as ${length(plan.workingThicknessMm, 2)} thick, from ${plan.thicknessSource === 'mass' ? `${piece.massG?.toFixed(1)} g` : 'its rim'}`
    : '';
  return `${metalById(piece.metal).name} · ${length(piece.diameterMm)}${worked}`;
}
