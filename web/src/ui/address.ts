/** The address with some of its values changed; an empty one is taken out. All at once: of two changes in one turn only the second stays. */
export function changedIn(
  before: URLSearchParams,
  values: Readonly<Partial<Record<string, string>>>,
): URLSearchParams {
  const after = new URLSearchParams(before);
  for (const [name, value = ''] of Object.entries(values)) {
    if (value === '') {
      after.delete(name);
    } else {
      after.set(name, value);
    }
  }
  return after;
}
