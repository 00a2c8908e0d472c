import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { samphireYard } from '../../../demo/samphire-yard';
import { keepPlace } from '@/store/keep-place';
import { storage } from '@/store/storage';
import { ortsTexte } from '@/words/german/places';
import { addLanguage, speak } from '@/words/language';
import { placesText } from '@/words/screens/places';
import { PlacesScreen } from './PlacesScreen';

jest.mock('expo-router', () => ({
  useRouter: () => ({ push: jest.fn(), replace: jest.fn(), back: jest.fn() }),
  useNavigation: () => ({ isFocused: () => true }),
  usePathname: () => '/places',
  useRoute: () => ({ key: 'places' }),
  Link: ({ children }: { readonly children: React.ReactNode }) => children,
}));

const { place, walks, mends, sightings } = samphireYard;

beforeEach(() => storage.clear());
afterEach(() => speak('en'));

async function shown(): Promise<string> {
  const client = new QueryClient();
  await keepPlace(client, { place, walks, mends, sightings });
  const { container } = render(<PlacesScreen />, {
    wrapper: ({ children }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    ),
  });
  await screen.findAllByText(new RegExp(place.name));
  return container.textContent ?? '';
}

test('a screen speaks a second language from src/words alone', async () => {
  addLanguage('de', { places: ortsTexte });
  speak('de');
  const text = await shown();
  expect(text).toContain('Plätze');
  expect(text).toContain(`${place.name} kopieren`);
  speak('en');
  for (const english of [placesText.places, placesText.beginAnotherPlace]) {
    expect(text).not.toContain(english);
  }
});

test('a language that nobody made known is English', async () => {
  speak('xx');
  expect(await shown()).toContain('Begin another place');
});
