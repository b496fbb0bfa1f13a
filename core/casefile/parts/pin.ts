import { object, text } from '../../kernel/typed/spec';

/** A day that the advisor set for an application, as typed. */
export const PIN = object({ on: text });
/**
 * The key of a pin in the document, by the key of its application.
 * @example pinKey('lawn/feed-n/1') // 'lawn:feed-n:1'
 */
export function pinKey(applicationKey: string): string {
  return applicationKey.replaceAll('/', ':');
}
