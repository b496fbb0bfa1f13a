/** The browser's own choice of a folder, which not every browser has. */
type Picker = (options: {
  readonly id: string;
  readonly mode: 'readwrite' | 'read';
}) => Promise<FileSystemDirectoryHandle>;

/**
 * Asks for a folder; nothing is given where this browser gives none to pages, and none where nothing was chosen.
 */
export function pickFolder(
  mode: 'readwrite' | 'read' = 'readwrite',
): (() => Promise<FileSystemDirectoryHandle | undefined>) | undefined {
  const { showDirectoryPicker: picker } = window as { showDirectoryPicker?: Picker };
  if (!picker) return undefined;
  return () => picker.call(window, { id: 'agrologos', mode }).catch(() => undefined);
}
