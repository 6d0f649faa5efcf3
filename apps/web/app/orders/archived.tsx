export { OrdersArchiveScreen as default } from '@/features/orders/archived/OrdersArchiveScreen';
