import { Suspense, type ReactNode } from 'react';
import { PrintPage } from '../../ui/print/PrintPage';

export default function Page(): ReactNode {
  return (
    <Suspense>
      <PrintPage />
    </Suspense>
  );
}
