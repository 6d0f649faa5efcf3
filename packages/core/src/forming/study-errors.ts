import study from './forming-study.fixture.json' with { type: 'json' };
import type { FormedWall, FormingBlow } from './blow';
import { formed } from './form';
import { flatMeridian } from './meridian';
import { UNSTRAINED } from './strain';
import { figuresAfter } from './wall-figures';

/** A figure of the study and what the engine says in its place. */
export interface StudyFigure {
  readonly step: 'fold' | 'stretch' | 'reduce, throat' | 'reduce, cone' | 'curl';
  readonly figure:
    | 'width'
    | 'height'
    | 'cut edge thickness'
    | 'middle thickness'
    | 'rim edge thickness'
    | 'cut edge inside'
    | 'rim edge inside'
    | 'strain at the cut edge'
    | 'strain at the rim edge';
  readonly study: number;
  readonly engine: number;
  /** As a share of the study's figure, or in mm or strain as it is. */
  readonly unit: '%' | 'mm' | 'ln';
  /** Curls only: push depth over width. */
  readonly depth?: number;
}

type Wall = (typeof study.chains)[number]['afterStretch'];

function washer(outerRadiusMm: number, holeRadiusMm: number, thicknessMm: number): FormedWall {
  return { wall: flatMeridian(holeRadiusMm, outerRadiusMm, thicknessMm), strainSinceAnneal: UNSTRAINED };
}

function wallFigures(
  step: StudyFigure['step'],
  after: FormedWall,
  wall: Wall,
  insides?: { readonly cutMm: number; readonly rimMm: number },
): readonly StudyFigure[] {
  const found = figuresAfter(after);
  const share = (figure: StudyFigure['figure'], engine: number, of: number) =>
    ({ step, figure, engine, study: of, unit: '%' }) as const;
  const strain = found.strainSinceAnneal;
  return [
    share('width', found.widthMm, wall.widthMm),
    share('height', found.heightMm, wall.axialHeightMm),
    share('cut edge thickness', found.thicknessCutMm, wall.thicknessCutEdgeMm),
    share('middle thickness', found.thicknessMidMm, wall.thicknessMiddleMm),
    share('rim edge thickness', found.thicknessRimMm, wall.thicknessRimEdgeMm),
    {
      step,
      figure: 'strain at the cut edge',
      engine: strain.cut,
      study: wall.plasticStrainCutEdgeLog,
      unit: 'ln',
    },
    {
      step,
      figure: 'strain at the rim edge',
      engine: strain.rim,
      study: wall.plasticStrainRimEdgeLog,
      unit: 'ln',
    },
    ...(insides
      ? [
          {
            step,
            figure: 'cut edge inside',
            engine: found.insideDiameterCutMm,
            study: insides.cutMm,
            unit: 'mm',
          } as const,
          {
            step,
            figure: 'rim edge inside',
            engine: found.insideDiameterRimMm,
            study: insides.rimMm,
            unit: 'mm',
          } as const,
        ]
      : []),
  ];
}

/** Folds pressed as hard as usual, in a die that the coin goes into whole. */
function foldFigures(): readonly StudyFigure[] {
  return study.fold
    .filter((one) => one.forceMultiple === 3 && !('dieMouthRadiusMm' in one))
    .flatMap((one) => {
      const flat = washer(one.outerRadiusMm, one.holeRadiusMm, one.thicknessMm);
      return wallFigures('fold', formed(flat, { kind: 'fold', angleDeg: 17 }), one, {
        cutMm: one.insideDiameterCutEdgeMm,
        rimMm: 2 * one.rimInnerCornerRadiusMm,
      });
    });
}

/** Folded, annealed, stretched straight, annealed, reduced and sized. */
function chainFigures(): readonly StudyFigure[] {
  return study.chains.flatMap((one) => {
    const softened = (wall: FormedWall, blow: FormingBlow) => formed(formed(wall, { kind: 'anneal' }), blow);
    const flat = washer(one.outerRadiusMm, one.holeRadiusMm, one.thicknessMm);
    const folded = formed(flat, { kind: 'fold', angleDeg: 17 });
    const stretched = softened(folded, {
      kind: 'stretch',
      insideDiameterMm: one.afterStretch.insideDiameterMeanMm,
    });
    const through = one.route === 'cone' ? 'cone' : 'throat';
    const reduced = softened(stretched, {
      kind: 'reduce',
      edge: 'both',
      dieAngleDeg: 17,
      through,
      insideDiameterMm: one.targetInsideDiameterMm,
    });
    return [
      ...wallFigures('stretch', stretched, one.afterStretch),
      ...wallFigures(`reduce, ${through}`, reduced, one.final),
    ];
  });
}

/** Both edges of a straight ring turned in by a cone, one after the other, up to half of its width deep. */
function curlFigures(): readonly StudyFigure[] {
  return study.curl
    .filter(
      (one) => one.mode === 'eachEdgeOnceAgainstFlatPlate' && one.tool === 'cone' && one.depthFraction <= 0.5,
    )
    .flatMap((one) => {
      const { insideDiameter0Mm: insideMm, width0Mm, thickness0Mm } = one;
      const middleMm = (insideMm + thickness0Mm) / 2;
      // A straight ring is a flat washer's wall stood upright: only its shape counts.
      const upright = flatMeridian(middleMm, middleMm + width0Mm, thickness0Mm);
      const radii = upright.originalRadiusMm.map(() => middleMm);
      const straight: FormedWall = {
        wall: { ...upright, originalRadiusMm: radii, meanRadiusMm: radii, leanDeg: radii.map(() => 0) },
        strainSinceAnneal: UNSTRAINED,
      };
      const after = formed(straight, {
        kind: 'curl',
        edge: 'both',
        tool: { kind: 'cone', angleDeg: one.dieAngleDeg ?? 17 },
        depthMm: one.pushDepthMm,
      });
      const found = figuresAfter(after);
      const thicknessMm = ((one.thicknessFirstEdgeMm ?? 0) + (one.thicknessSecondEdgeMm ?? 0)) / 2;
      const of = (
        figure: StudyFigure['figure'],
        engine: number,
        study: number | undefined,
        unit: StudyFigure['unit'],
      ) => ({ step: 'curl', figure, engine, study: study ?? 0, unit, depth: one.depthFraction }) as const;
      return [
        of('width', found.widthMm, one.arcWidthMm, '%'),
        of('height', found.heightMm, one.axialHeightMm, '%'),
        of('cut edge thickness', found.thicknessCutMm, thicknessMm, '%'),
        of('middle thickness', found.thicknessMidMm, one.thicknessMiddleMm, '%'),
        of('cut edge inside', found.insideDiameterCutMm, one.edgeInsideDiameterMeanMm, 'mm'),
        of('strain at the cut edge', found.strainSinceAnneal.cut, one.plasticStrainFirstEdgeLog, 'ln'),
        of('strain at the rim edge', found.strainSinceAnneal.rim, one.plasticStrainSecondEdgeLog, 'ln'),
      ];
    });
}

/** Every figure of the study that the engine foretells. */
export function studyFigures(): readonly StudyFigure[] {
  return [...foldFigures(), ...chainFigures(), ...curlFigures()];
}

/** The engine's error in the figure's own unit: percent, mm or strain. */
export function errorOf({ engine, study, unit }: StudyFigure): number {
  return unit === '%' ? (engine / study - 1) * 100 : engine - study;
}

/** Root mean square over cases. */
export function rmsError(figures: readonly StudyFigure[]): number {
  return Math.sqrt(figures.reduce((sum, one) => sum + errorOf(one) ** 2, 0) / figures.length);
}
