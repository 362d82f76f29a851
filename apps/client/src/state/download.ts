/** Hands the browser a file that was made here. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser takes hold of it at its next turn.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** The same of a text. */
export const download = (name: string, type: string, text: string): void =>
  downloadBlob(name, new Blob([text], { type }));

/** A name as a file may have it: small letters and figures of any script, and hyphens for the rest. */
export const fileName = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .normalize('NFC') || 'spalo';

/** Gives a file to the phone's own share sheet; where there is none, to the browser. Answers whether it was shared. */
export async function share(name: string, blob: Blob, title: string): Promise<boolean> {
  const file = new File([blob], name, { type: blob.type });
  if (navigator.canShare?.({ files: [file] })) {
    try {
      await navigator.share({ files: [file], title });
      return true;
    } catch (error) {
      // Whoever closes the sheet has changed their mind: nothing failed.
      if (error instanceof Error && error.name === 'AbortError') return false;
      throw error;
    }
  }
  downloadBlob(name, blob);
  return false;
}
