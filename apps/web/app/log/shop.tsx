export { ShopScreen as default } from '@/features/log/shop/ShopScreen';
