export { OrderScreen as default } from '@/features/orders/OrderScreen';
