/** Hands a file's bytes to the browser's own download. */
export const saveBlob = (name: string, blob: Blob): void => {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
};

/** Hands something as a JSON file to the browser's own download. */
export const saveFile = (name: string, contents: object): void =>
  saveBlob(name, new Blob([JSON.stringify(contents, null, 2)], { type: 'application/json' }));
