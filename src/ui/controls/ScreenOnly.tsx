/** What is of no use on paper: buttons, ways to other pages. `<ScreenOnly><Button … /></ScreenOnly>` */
import type { ReactNode } from 'react';

export function ScreenOnly({ children }: { readonly children: ReactNode }) {
  return (
    <div className="screen-only" style={{ display: 'contents' }}>
      {children}
    </div>
  );
}
