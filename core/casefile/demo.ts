/** Demo cases are known by the beginning of their id, and removed together. */
export const DEMO_MARK = 'demo-';

/**
 * Whether a case is one of the demo county's.
 * @example isDemo('demo-churchyard') // true
 */
export function isDemo(id: string): boolean {
  return id.startsWith(DEMO_MARK);
}
