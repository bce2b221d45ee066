// What a tablet keeps in its own storage, whole or not at all: what cannot be read is as good as nothing.

export function stored(name, otherwise) {
  try {
    const kept = JSON.parse(localStorage.getItem(name)) ?? otherwise;
    return Array.isArray(kept) === Array.isArray(otherwise) ? kept : otherwise;
  } catch {
    return otherwise;
  }
}

export const store = (name, kept) => localStorage.setItem(name, JSON.stringify(kept));
