import { Suspense, type ReactNode } from 'react';
import { YardsticksPage } from '../../ui/yardsticks/YardsticksPage';

export default function Page(): ReactNode {
  return (
    <Suspense>
      <YardsticksPage />
    </Suspense>
  );
}
