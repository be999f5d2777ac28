// Early signs, tapped beside the outcomes: kept on the phone at once, sent when there is signal. A second look away is a break (docs/rules.md 5).
const BREAK_AT = 2;

/** Whether the last of these calls for a break: the core's rule, held to the same worked cases. */
export function isBreak(seen) {
  return seen.at(-1) === 'LOOKED_AWAY' && seen.filter((s) => s === 'LOOKED_AWAY').length % BREAK_AT === 0;
}

/** @param dogOf which dog it is about now */
export function earlySigns(queue, dogOf) {
  const seen = [];
  document.querySelectorAll('[data-early]').forEach((button) => button.addEventListener('click', async () => {
    const dog = dogOf();
    if (!dog) return;
    seen.push(button.dataset.early);
    button.dataset.times = Number(button.dataset.times ?? 0) + 1;
    button.querySelector('.times').textContent = button.dataset.times;
    const pause = isBreak(seen);
    document.getElementById('break').textContent = pause ? 'Looked away twice: a break. Let it walk off.' : '';
    navigator.vibrate?.(pause ? [40, 60, 40] : 20);
    await queue.add('early', { id: crypto.randomUUID(), dog, sign: button.dataset.early, at: new Date().toISOString() });
    queue.send();
  }));
}

/** How whoever is with the dog feels: one tap, the last word holds. */
export function feeling(queue, dogOf) {
  document.querySelectorAll('[data-felt]').forEach((button) => button.addEventListener('click', async () => {
    const dog = dogOf();
    if (!dog) return;
    document.querySelectorAll('[data-felt]').forEach((b) => b.setAttribute('aria-pressed', String(b === button)));
    navigator.vibrate?.(20);
    await queue.add('felt', { dog, felt: button.dataset.felt, at: new Date().toISOString() });
    queue.send();
  }));
}
