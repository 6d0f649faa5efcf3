import type { Kit } from '@round-mint/core/kit';
import { SEAM_MM } from '@round-mint/core/strip';
import { blankSheet, coinBandSheet, lengthChartSheet } from '@round-mint/core/template';
import { coinBandOf, handleVerdict } from '@round-mint/core/work';
import { PrintButtons } from '@/features/shared/print/PrintButtons';
import { useSettings } from '@/features/shared/settings/use-settings';
import type { WorkModel } from './work-model';

/** Templates and charts at true scale, for the kinds that have one. */
export function WorkPrints({ model, kit }: { model: WorkModel; kit: Kit }) {
  const { primarySystem } = useSettings();
  const { work, piece, plan, targetMm, draft } = model;
  if (work?.kind === 'strip') {
    return (
      <PrintButtons
        title={work.textured ? 'Chart of hammered blank lengths' : 'Chart of blank lengths'}
        about="Lengths by size and thickness, to hang beside the saw."
        fileName={work.textured ? 'blank-lengths-hammered' : 'blank-lengths'}
        sheet={(paper) =>
          lengthChartSheet(paper, primarySystem, {
            seamMm: work.seamMm ?? SEAM_MM,
            textured: work.textured,
            ...(piece?.kind === 'strip' && plan?.steps.every(({ kind }) => kind !== 'roll')
              ? { section: piece.section }
              : {}),
          })
        }
      />
    );
  }
  if (!plan?.feasible || !piece || targetMm === undefined) return null;
  const wish = { targetInsideDiameterMm: targetMm, finish: draft.finish };
  if (work?.kind === 'handle' && piece.kind === 'handle') {
    const { lengthMm, roughLengthMm } = handleVerdict({ ...wish, work, piece }, { kit });
    const stations = plan.steps.find(({ blank }) => blank)?.blank?.stations ?? [];
    return (
      <PrintButtons
        title="Cutting template"
        about="The blank’s outline at true scale, with both marks."
        fileName="cutting-template"
        sheet={(paper) =>
          blankSheet({
            name: piece.name,
            stations,
            lengthMm,
            roughLengthMm,
            ends: work.ends,
            otherEnd: work.otherEnd,
            paper,
          })
        }
      />
    );
  }
  if (work?.kind === 'coin-band' && piece.kind === 'coin') {
    const parts = coinBandOf({ ...wish, work, piece }, { kit });
    return (
      <PrintButtons
        title="Template of the sides"
        about="Both side pieces with their coped ends, and how they lie for soldering."
        fileName="coin-in-band"
        sheet={(paper) =>
          coinBandSheet({
            name: piece.name,
            coinDiameterMm: piece.diameterMm,
            stripWidthMm: work.stripWidthMm,
            parts,
            paper,
          })
        }
      />
    );
  }
  return null;
}
