import { own } from '../../kernel/typed/own';
import { id, longText, object, oneOf, type Of } from '../../kernel/typed/spec';

/** Most letters of an outline; the route takes no more than a million bytes in all. */
export const MOST_OUTLINE = 600_000;

/**
 * What is too large to be typed: it comes whole, is never changed, and is known in the document by its id. A browser
 * keeps it apart from the document, so that an edit never carries it.
 */
export const ATTACHMENT = object({
  id,
  kind: oneOf(['outline']),
  /** Longitudes and latitudes as the coordinates of a GeoJSON MultiPolygon. */
  text: longText(MOST_OUTLINE),
});
export interface Attachment extends Of<typeof ATTACHMENT> {}

/** The outline of an attachment; '' where there is none. */
export function outlineText(
  { attachments }: { readonly attachments: Readonly<Record<string, Attachment>> },
  outlineId: string,
): string {
  return own(attachments, outlineId)?.text ?? '';
}
