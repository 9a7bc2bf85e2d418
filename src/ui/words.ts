/** `engine-speed` → `Engine speed`. */
export function words(term: string | null): string {
  const text = (term ?? "not known").replaceAll("-", " ").replace(/^ac /, "A/C ");
  return text.charAt(0).toUpperCase() + text.slice(1);
}
