/** Lets the trainer film with the phone's own camera, or choose a file; null where nothing was chosen. */
export function pickFilm(camera: boolean): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = 'video/*';
    if (camera) input.setAttribute('capture', 'environment');
    input.oncancel = () => resolve(null);
    input.onchange = () => resolve(input.files?.[0] ?? null);
    input.click();
  });
}
