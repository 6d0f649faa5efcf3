export { EditPieceScreen as default } from '@/features/stock/PieceFormScreen';
