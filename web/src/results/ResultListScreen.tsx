export function ResultListScreen() {
  return null;
}
