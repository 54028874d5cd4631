export function ProgrammeScreen() {
  return null;
}
