// A page that is opened for something has it chosen already: what follows the # names fields and their values.
export function choose() {
  new URLSearchParams(location.hash.slice(1)).forEach((value, name) => {
    const input = document.querySelector(`input[type=radio][name="${CSS.escape(name)}"][value="${CSS.escape(value)}"]`);
    if (input && !input.disabled) input.click();
  });
}
