export function ExaminationScreen() {
  return null;
}
