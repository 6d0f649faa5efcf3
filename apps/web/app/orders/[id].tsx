export { OrderScreen as default } from '@/features/orders/order/OrderScreen';
