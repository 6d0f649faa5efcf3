export { ShopScreen as default } from '@/features/shop/ShopScreen';
