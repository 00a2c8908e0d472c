export { FiguresScreen as default } from '@/features/figures/FiguresScreen';
