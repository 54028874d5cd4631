export function PeopleScreen() {
  return null;
}
