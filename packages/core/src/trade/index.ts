export { answerWish } from './answer-wish';
export { careWords, resizeRoom } from './care';
export type { CareQuestion } from './care';
export { catalogueHtml } from './catalogue';
export type { Catalogue, CatalogueItem, CataloguePicture } from './catalogue-item';
export {
  CONSUMABLE_IDS,
  ANSWER_WAYS,
  APPROVALS,
  ORDER_STATES,
  SALE_WAYS,
  SCRAP_KINDS,
  SCRAP_SOURCES,
  SHELF_STATES,
  SPOT_METALS,
  WISH_KINDS,
} from './codes';
export { finishedBand } from './finished-band';
export type { FinishedBandFacts, FinishedRing } from './finished-band';
export { discountOff, discountRefusal, isSameCode, lessDiscount } from './discount';
export { discountRefusalWords, takesWords } from './discount-words';
export type {
  Discount,
  DiscountBuyer,
  Discounted,
  DiscountRefusal,
  DiscountTakes,
  GivenDiscount,
} from './discount';
export { CONSUMABLES } from './consumable-words';
export { amountsCost, supplyLeft, usedBy } from './consumables';
export type { Amounts, ConsumableId, Supply, SupplyLeft, UsedOn } from './consumables';
export { approvalLetter, exchangeLetter, quoteLetter, refusalLetter, saleLetter } from './letters';
export type { Letter, LetterWords } from './letters';
export { approvalStep, awaitsApproval, isHeld } from './approval';
export type { ApprovalFacts } from './approval';
export { missingFor, nextState, orderFacts, USUAL_WAY } from './order-needs';
export type { OrderFacts } from './order-needs';
export { orderProgress, OVER_STATES } from './order-state';
export type { AnswerWay, OrderState } from './codes';
export type { Approval, OrderEvent, OrderEventBody, OrderPast, OrderProgress } from './order-state';
export { STATE_NAMES } from './order-words';
export { OFFER_CAUTION, offerTexts } from './offer-texts';
export type { OfferRing, OfferTexts, OfferWords } from './offer-texts';
export { partExchange } from './part-exchange';
export type { ExchangeAnswer, ExchangeQuestion } from './part-exchange';
export { costOf, feesAt, feesOf, marginAt, possiblePrice, priceRing } from './price';
export { priceLineWords } from './price-words';
export type { PriceLineWords } from './price-words';
export type { Fees, Price, PriceInput, PriceLine, PriceLineCode } from './price';
export { productList } from './product-data';
export { coinReach } from './reach';
export type { Reach } from './reach';
export { FILINGS_SHARE, finenessOf, meltOut, ringScrap, scrapWorth } from './scrap';
export type { MeltOut, RingScrap, Scrap, ScrapKind } from './scrap';
export { fingerFit, ringFits } from './ring-fit';
export type { FingerFit, RingFits, SizeRange } from './ring-fit';
export { GONE_STATES, shelfProgress, shelfRefusal, stateOn } from './shelf-state';
export { SALE_WAY_NAMES, SHELF_STATE_NAMES } from './shelf-words';
export type { SaleWay, ShelfEvent, ShelfEventBody, ShelfProgress, ShelfState } from './shelf-state';
export { shopNumbers } from './shop-numbers';
export type {
  DiscountNumbers,
  MonthNumbers,
  PastRing,
  PastSale,
  ShopNumbers,
  WayNumbers,
} from './shop-numbers';
export { compareSizers, RESIZED_SHARE } from './sizers';
export type { Sizer, SizerSchools, SizerSums } from './sizers';
export { simulatedSpot, spotMetalOf, spotPrices, worthPerG } from './spot';
export type { SpotDay, SpotMetal, SpotPrices } from './spot';
export type {
  CustomerWish,
  WishAnswer,
  WishBench,
  WishCoin,
  WishKind,
  WishOption,
  WishPiece,
  WishPlan,
} from './wish';
export { findYears } from './years';
export type { YearFound, YearQuestion } from './years';
