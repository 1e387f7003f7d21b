/**
 * Gives a person a file of their own.
 * @param name with its ending
 */
export function saveFile(content: Blob, name: string) {
  const address = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
