/** What the tab is called: where one is, and what the page says first. */
import { useGlobalSearchParams, usePathname } from 'expo-router';
import { useEffect } from 'react';
import { comeToPage } from '@/ui/controls/page-heading';
import { frameText } from '@/words/screens/frame';

/** `section`: the part of Rookle; the rest is the page's own heading, once it stands. */
export function usePageTitle(section: string): void {
  const path = usePathname();
  const { read } = useGlobalSearchParams<{ read?: string }>();
  useEffect(comeToPage, [path, read]);
  useEffect(() => {
    const name = () => {
      const heading = document.querySelector('h1')?.textContent ?? '';
      document.title = frameText.titleOf(heading === '' ? section : `${section}: ${heading}`);
    };
    name();
    // The page's parts can come after its address; its heading can change while one stays.
    const watching = new MutationObserver(name);
    watching.observe(document.body, { childList: true, subtree: true, characterData: true });
    return () => watching.disconnect();
  }, [section]);
}
