/**
 * Above this water pH a soil may hold free lime, which spends the acid of the Bray-1 extractant, so that a low value
 * says nothing; Olsen is the test there. NCR-221 (chapter on phosphorus), recalled.
 */
export const LIMY_ABOVE_PH = 7.3;
