import { Suspense, type ReactNode } from 'react';
import { ShedPage } from '../../ui/shed/ShedPage';

export default function Page(): ReactNode {
  return (
    <Suspense>
      <ShedPage />
    </Suspense>
  );
}
