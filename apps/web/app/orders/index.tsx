export { OrdersScreen as default } from '@/features/orders/OrdersScreen';
