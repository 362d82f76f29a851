import type { ReactNode } from 'react';
import { ScrollView } from 'react-native';

/** A page outside the shell, for whoever is not signed in: one narrow column. */
export function FrontPage({ children }: { children: ReactNode }) {
  return (
    <ScrollView
      role="main"
      className="flex-1 bg-paper"
      contentContainerClassName="mx-auto w-full max-w-[30rem] gap-6 p-4 pt-12"
    >
      {children}
    </ScrollView>
  );
}
