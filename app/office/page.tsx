import type { ReactNode } from 'react';
import { OfficePage } from '../../ui/office/OfficePage';

export default function Page(): ReactNode {
  return <OfficePage />;
}
