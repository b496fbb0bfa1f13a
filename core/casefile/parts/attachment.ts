import { own } from '../../kernel/typed/own';
import { id, longText, object, oneOf, type Of } from '../../kernel/typed/spec';

/** Most letters of an attachment; the route takes no more than a million bytes in all. */
export const MOST_ATTACHED = 600_000;

/** Most bytes of a photo: in base64 it is a third longer. */
export const MOST_PHOTO_BYTES = (MOST_ATTACHED * 3) / 4 - 16;

/**
 * What is too large to be typed: it comes whole, is never changed, and is known in the document by its id. A browser
 * keeps it apart from the document, so that an edit never carries it.
 */
export const ATTACHMENT = object({
  id,
  kind: oneOf(['outline', 'photo']),
  /** Of an outline longitudes and latitudes as the coordinates of a GeoJSON MultiPolygon; of a photo a JPEG, base64. */
  text: longText(MOST_ATTACHED),
});
export interface Attachment extends Of<typeof ATTACHMENT> {}

/** The outline of an attachment; '' where there is none. */
export function outlineText(
  { attachments }: { readonly attachments: Readonly<Record<string, Attachment>> },
  outlineId: string,
): string {
  return own(attachments, outlineId)?.text ?? '';
}
