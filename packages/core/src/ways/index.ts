export { rankWays, workWays } from './rank-ways';
export type { WaysOptions } from './rank-ways';
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
