const MOST_BYTES = 2_000_000;

/** Lets the trainer choose a text file; null when none was chosen. Throws for one that is far too large. */
export function pickTextFile(accept: string): Promise<string | null> {
  return new Promise((resolve, reject) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.oncancel = () => resolve(null);
    input.onchange = () => {
      const [file] = input.files ?? [];
      if (!file) resolve(null);
      else if (file.size > MOST_BYTES) reject(new Error('The file is larger than 2 MB'));
      else void file.text().then(resolve, reject);
    };
    input.click();
  });
}
