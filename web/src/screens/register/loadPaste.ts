/** Brings the dialog that takes pasted rows. */
export const loadPaste = () => import('./PasteDialog.js');
