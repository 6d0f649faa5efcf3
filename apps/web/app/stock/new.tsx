export { NewPieceScreen as default } from '@/features/stock/PieceFormScreen';
