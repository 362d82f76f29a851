/** Lets the trainer choose a file, or make one with the phone's own camera; null when none was chosen. */
export function pickFile(accept: string, camera = false): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    if (camera) input.setAttribute('capture', 'environment');
    input.oncancel = () => resolve(null);
    input.onchange = () => resolve(input.files?.[0] ?? null);
    input.click();
  });
}

const MOST_BYTES = 2_000_000;

/** Lets the trainer choose a text file; null when none was chosen. Throws for one that is far too large. */
export async function pickTextFile(accept: string): Promise<string | null> {
  const file = await pickFile(accept);
  if (!file) return null;
  if (file.size > MOST_BYTES) throw new Error('The file is larger than 2 MB');
  return file.text();
}
