export { PlacesScreen as default } from '@/features/places/PlacesScreen';
