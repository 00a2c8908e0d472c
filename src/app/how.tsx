export { HowScreen as default } from '@/features/figures/HowScreen';
