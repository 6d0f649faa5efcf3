export { rankWays, workWays } from './rank-ways';
export type { WaysOptions } from './rank-ways';
export { alikeWays, worksForShelf } from './works-for-shelf';
export type { ShelfWork } from './works-for-shelf';
export { WAY_KINDS } from './codes';
export type {
  CoinWay,
  InDrawer,
  Way,
  WayCoin,
  WayHandle,
  WayPiece,
  WayStrip,
  WayWish,
  WayWork,
  WorkWay,
} from './way';
