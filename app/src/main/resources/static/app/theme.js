// Before a person has chosen, the page follows the system. The server has set data-theme otherwise.
(() => {
  const root = document.documentElement;
  if (!root.hasAttribute('data-follow')) return;
  const dark = matchMedia('(prefers-color-scheme: dark)');
  const set = () => { root.dataset.theme = dark.matches ? 'dark' : 'light'; };
  set();
  dark.addEventListener('change', set);
})();
