export function GradingListScreen() {
  return null;
}
