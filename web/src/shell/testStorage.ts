export class BrowserStorage {
  [place: string]: unknown;
  getItem = (place: string) => (typeof this[place] === "string" ? this[place] : null);
  setItem = (place: string, text: string) => void (this[place] = text);
  removeItem = (place: string) => void Reflect.deleteProperty(this, place);
}
