import { voice } from './text';

/** A Quantity as text parts, and as one text; see the voice. */
export const formatQuantity = voice.parts;
export const quantityText = voice.quantity;
