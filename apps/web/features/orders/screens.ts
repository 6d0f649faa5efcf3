/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { OrdersArchiveScreen } from './archived/OrdersArchiveScreen';
export { DayScreen } from './day/DayScreen';
export { DiscountsScreen } from './discounts/DiscountsScreen';
export { IntakeScreen } from './intake/IntakeScreen';
export { OrderScreen } from './order/OrderScreen';
export { OrdersScreen } from './order/OrdersScreen';
export { MarketScreen } from './shelf/MarketScreen';
export { NextScreen } from './shelf/NextScreen';
export { OutboxScreen } from './outbox/OutboxScreen';
export { PeopleScreen } from './people/PeopleScreen';
export { ShelfRingScreen } from './shelf/ShelfRingScreen';
export { ShelfScreen } from './shelf/ShelfScreen';
export { SizersScreen } from './sizers/SizersScreen';
