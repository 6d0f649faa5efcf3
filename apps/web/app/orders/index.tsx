export { OrdersScreen as default } from '@/features/orders/order/OrdersScreen';
