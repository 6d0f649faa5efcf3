export { curlDropMm } from './curl';
export { curlDrops, depthForDropMm } from './curl-law';
export type { CurlTool, PushedMm, StraightBand } from './curl-law';
export { estimateCoinRing, figuresOf, washerOf } from './estimate';
export type { CoinRingEstimate, CoinRingFigures, CoinRingInput } from './estimate';
export { finishedMeridian } from './finished';
export { glanceAt, suggestHoleMm, USUAL_WIDTHS_MM } from './hole-choice';
export type { HoleQuestion, WasherGlance } from './hole-choice';
export type { Washer } from './finished';
export { cutEdgeReasons, isFeasible } from './judge';
export { rangeWords } from './range-words';
export type { SizeWriter } from './size-writer';
export {
  FEWEST_LAND_READINGS,
  PUSH_DEPTHS,
  DEFAULT_SCHOOL,
  FINISHING_SCHOOLS,
  CURL_RANGE_DEG,
  WALL_KINDS,
  USUAL_CURL,
} from './codes';
export type { CurlWish, FinishingSchool, PushDepth, SchoolWish } from './codes';
export { heightVariationMm, judgeLand, landAt } from './land';
export type { LandReading, LandVerdict } from './land';
export {
  FOLD_RIM_STRAIN_LIMIT,
  methodForRimStrain,
  NARROWEST_LAND_MM,
  OVER_STRETCH_MM,
  STEPPED_RIM_STRAIN_LIMIT,
  COMFORTABLE_CUT_EDGE_MM,
  SHARP_CUT_EDGE_MM,
  TRIM_GAIN_MM,
} from './limits';
export type { FormingMethod } from './limits';
export {
  arcPositionsMm,
  arcWidthMm,
  coarseMeridian,
  everyNth,
  axialReachMm,
  cutEdge,
  flatMeridian,
  mapMeridian,
  placesAlong,
  rimEdge,
  shiftedWall,
  volumeMm3,
} from './meridian';
export type { Edge, Meridian, WallShift } from './meridian';
export { naturalInsideDiameterMm } from './natural-size';
export { gravestFirst, reasonsBy } from './reason';
export type { Reason, Reasoned, ReasonCode, ReasonWords } from './reason';
export { middleThicknessMm } from './places';
export {
  bandBeforePush,
  NOT_PUSHED,
  pushedBetween,
  curlToolOf,
  curlWishOf,
  PUSH_SHARE,
  hollowsMm,
  pushDepthMm,
  pushDrops,
  wallPushedTo,
} from './push';
export { FREE_SHARE, meanShare, sharesAlong } from './share';
export type { Blow } from './share';
export { foldDraw, foldedMiddleMm, foldStrokes } from './fold-law';
export type { FoldDie } from './fold-law';
export { flatWall, formBlows } from './form';
export type { FormedWall, FormingBlow } from './blow';
export { figuresAfter } from './wall-figures';
export type { WallFigures } from './wall-figures';
export { shortcutWidthMm } from './shortcut';
export { springbackMm } from './springback';
export { ballWall, partWay, stretcherWall, throatWall } from './tool-shape';
export type { LeadingEdge } from './tool-shape';
export { leastOverStretchMm, SCHOOL_WHEN_UNKEPT } from './school';
export { sizeRange } from './size-range';
export type { SizeRange } from './size-range';
export { curlOf, finishedShape, wallCurlDropMm } from './wall';
export type { WallKind, WallWish } from './wall';
export {
  closedTo,
  DEFAULT_FOLD_ANGLE_DEG,
  DEFAULT_TAPER_DEG,
  funnelWall,
  openedTo,
  roundedWall,
  straightWall,
  taperedWall,
} from './wall-shape';
export type { WallPlace, WallShape } from './wall-shape';
