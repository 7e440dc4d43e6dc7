/** The file that was picked, if any; the same may be picked again. */
export function pickedFile(event: Event): File | undefined {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  return file
}
