// Before a person has chosen, the page follows the system. The server has set data-theme otherwise.
(() => {
  const root = document.documentElement;
  if (!root.hasAttribute('data-follow')) return;
  const dark = matchMedia('(prefers-color-scheme: dark)');
  const set = () => {
    root.dataset.theme = dark.matches ? 'dark' : 'light';
    document.querySelectorAll('.cover button[name=theme], .alone button[name=theme]').forEach((button) => {   // it offers the other one
      button.value = dark.matches ? 'light' : 'dark';
      button.textContent = dark.matches ? button.dataset.day : button.dataset.night;
    });
  };
  set();
  document.addEventListener('DOMContentLoaded', set);
  dark.addEventListener('change', set);
})();
