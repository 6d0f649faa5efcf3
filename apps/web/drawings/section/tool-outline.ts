import { degToRad } from '@round-mint/core/numeric';
import type { ToolContact } from '@round-mint/core/kit';
import { type SectionLines, sectionLines, type SectionPoint, type WallOutline } from '@round-mint/core/steps';

/** A part of a tool in section, closed, mm. */
export type ToolPart = readonly SectionPoint[];

/** How far a tool reaches past the wall, and how thick its body is drawn, mm. */
const PAST_MM = 2.5;
const BODY_MM = 3;
/** Share of the wall's height that a reducing die's throat takes in when both edges are reduced in turn. */
const THROAT_SHARE = 0.55;
/** Each end of a curl die reaches over this share of the height. */
const CURL_SHARE = 0.42;

function slope(angleDeg: number): number {
  return Math.tan(degToRad(angleDeg));
}

interface Box {
  readonly bottom: number;
  readonly top: number;
  readonly height: number;
}

function boxOf({ inside, outside }: SectionLines): Box {
  const ys = [...inside, ...outside].map(({ y }) => y);
  const [bottom, top] = [Math.min(...ys), Math.max(...ys)];
  return { bottom, top, height: top - bottom };
}

/** A body outside the wall whose surface runs x = offset + rise·(y − from), moved in until it touches the wall. */
function outsideBody(points: readonly SectionPoint[], fromY: number, toY: number, rise: number): ToolPart {
  const offset = Math.max(...points.map(({ x, y }) => x - rise * y));
  const at = (y: number) => offset + rise * y;
  const back = Math.max(at(fromY), at(toY)) + BODY_MM;
  return [
    { x: at(fromY), y: fromY },
    { x: at(toY), y: toY },
    { x: back, y: toY },
    { x: back, y: fromY },
  ];
}

/** The same from inside. */
function insideBody(points: readonly SectionPoint[], fromY: number, toY: number, rise: number): ToolPart {
  const offset = Math.min(...points.map(({ x, y }) => x - rise * y));
  const at = (y: number) => offset + rise * y;
  const back = Math.max(0, Math.min(at(fromY), at(toY)) - BODY_MM);
  return [
    { x: at(fromY), y: fromY },
    { x: at(toY), y: toY },
    { x: back, y: toY },
    { x: back, y: fromY },
  ];
}

const ARC_POINTS = 24;

/** The lower part of a ball that has come down until it touches the wall. */
function ballPart({ inside }: SectionLines, diameterMm: number): ToolPart {
  const radius = diameterMm / 2;
  const within = inside.filter(({ x }) => x < radius);
  const centreY = Math.max(...within.map(({ x, y }) => y + Math.sqrt(radius ** 2 - x ** 2)));
  const least = Math.max(0, Math.min(...inside.map(({ x }) => x)) - BODY_MM);
  const from = Math.asin(Math.min(1, least / radius));
  const arc = Array.from({ length: ARC_POINTS + 1 }, (_, i) => {
    const turn = from + ((Math.PI / 2 - from) * i) / ARC_POINTS;
    return { x: radius * Math.sin(turn), y: centreY - radius * Math.cos(turn) };
  });
  return [...arc, { x: least, y: centreY }];
}

function plate(fromX: number, toX: number, fromY: number, toY: number): ToolPart {
  return [
    { x: fromX, y: fromY },
    { x: toX, y: fromY },
    { x: toX, y: toY },
    { x: fromX, y: toY },
  ];
}

/**
 * The reducing die: a straight throat that holds the leading edge, opening below it. The ring goes in rim edge first;
 * where it is turned over for the cut edge, the throat is drawn where both pushes overlap.
 */
function throat(lines: SectionLines, box: Box, angleDeg: number, both: boolean): readonly ToolPart[] {
  const from = box.bottom - (both ? 0 : PAST_MM);
  if (!both) return [outsideBody(lines.outside, from, box.top + PAST_MM, 0)];
  const throatY = box.top - THROAT_SHARE * box.height;
  const inThroat = Math.max(...lines.outside.map(({ x }) => x));
  const mouth = inThroat + slope(angleDeg) * (throatY - from + PAST_MM);
  return [
    [
      { x: mouth, y: from - PAST_MM },
      { x: inThroat, y: throatY },
      { x: inThroat, y: box.top + PAST_MM },
      { x: mouth + BODY_MM, y: box.top + PAST_MM },
      { x: mouth + BODY_MM, y: from - PAST_MM },
    ],
  ];
}

function curlEnds({ outside }: SectionLines, box: Box, angleDeg: number): readonly ToolPart[] {
  const reach = CURL_SHARE * box.height;
  const upper = outside.filter(({ y }) => y >= box.top - reach);
  const lower = outside.filter(({ y }) => y <= box.bottom + reach);
  return [
    outsideBody(upper, box.top - reach, box.top + PAST_MM, -slope(angleDeg)),
    outsideBody(lower, box.bottom - PAST_MM, box.bottom + reach, slope(angleDeg)),
  ];
}

/** The tool of a step where it touches the wall at the end of the step: the parts to draw, mm; never inside the metal. */
export function toolParts(contact: ToolContact, outline: WallOutline): readonly ToolPart[] {
  const lines = sectionLines(outline);
  const box = boxOf(lines);
  const [below, above] = [box.bottom - PAST_MM, box.top + PAST_MM];
  const reach = Math.max(...lines.outside.map(({ x }) => x), ...lines.inside.map(({ x }) => x));
  const least = Math.min(...lines.inside.map(({ x }) => x), ...lines.outside.map(({ x }) => x));
  switch (contact.kind) {
    case 'punch':
      return [plate(Math.max(0, least - BODY_MM), contact.diameterMm / 2, box.bottom, above + BODY_MM)];
    case 'ball':
      return [ballPart(lines, contact.diameterMm)];
    case 'fold-die': {
      const rise = slope(contact.angleDeg);
      return [outsideBody(lines.outside, below, above, rise), insideBody(lines.inside, below, above, rise)];
    }
    case 'splines':
      return [insideBody(lines.inside, below, above, -slope(contact.taperDeg))];
    case 'die':
      return throat(lines, box, contact.angleDeg, contact.leading === 'both');
    case 'pusher':
      return [insideBody(lines.inside, below, above, 0), outsideBody(lines.outside, below, above, 0)];
    case 'cone':
      return [
        insideBody(lines.inside, below, above, -slope(contact.angleDeg)),
        plate(contact.lidHoleMm / 2, reach + BODY_MM, box.top, box.top + PAST_MM),
      ];
    case 'curl-die':
      return curlEnds(lines, box, contact.angleDeg);
    // What is bent over a former is drawn as its blank.
    case 'former':
      return [];
    case 'plates':
      return [
        plate(least - BODY_MM, reach + BODY_MM, box.top, above),
        plate(least - BODY_MM, reach + BODY_MM, below, box.bottom),
      ];
  }
}
