export function ResultScreen() {
  return null;
}
