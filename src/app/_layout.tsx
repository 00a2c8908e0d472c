import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useState } from 'react';
import { Frame } from '@/features/frame/Frame';
import { ScreenTrouble } from '@/features/frame/ScreenTrouble';
import { installTheme } from '@/ui/theme/theme-css';

installTheme();

export default function Layout() {
  const [client] = useState(() => new QueryClient());
  return (
    <QueryClientProvider client={client}>
      <Frame>
        <Slot unstable_screenErrorBoundary={ScreenTrouble} />
      </Frame>
    </QueryClientProvider>
  );
}
