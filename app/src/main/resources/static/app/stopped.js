// "No more of this today" holds for today, also without signal: the phone remembers which track was too much, and on which day.
const DAY = () => new Date().toLocaleDateString('sv');
const key = (token, track) => `cahier.stopped.${token.slice(0, 8)}.${track}`;

export const isStopped = (token, track) => localStorage.getItem(key(token, track)) === DAY();

export function stop(token, track, stopped) {
  if (stopped) localStorage.setItem(key(token, track), DAY());
  else if (isStopped(token, track)) localStorage.removeItem(key(token, track));
}
