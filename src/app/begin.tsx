export { BeginScreen as default } from '@/features/begin/BeginScreen';
