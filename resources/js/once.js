// A form makes what it makes once, by its mark. Whoever goes back to its page and sends it again wants another: two pots of the same.

// crypto.randomUUID is for secure pages only, and a galley's address may be none.
export const fresh = () => Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');

export function startOnce() {
  window.addEventListener('pageshow', ({ persisted }) => {
    const back = persisted || performance.getEntriesByType('navigation')[0]?.type === 'back_forward';
    if (back) for (const mark of document.querySelectorAll('input[name="once"]')) mark.value = fresh();
  });
}
