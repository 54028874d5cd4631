export function SheetScreen() {
  return null;
}
