/** The file that was picked, if any; the same one can be picked again afterwards. */
export function pickedFile(event: Event): File | undefined {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  return file
}
