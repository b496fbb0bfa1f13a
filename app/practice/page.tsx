import { Suspense, type ReactNode } from 'react';
import { PracticePage } from '../../ui/practice/PracticePage';

export default function Page(): ReactNode {
  return (
    <Suspense>
      <PracticePage />
    </Suspense>
  );
}
