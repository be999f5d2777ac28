// Whether the trainer of this page is still signed in, and the way back in on the spot: what was typed stays where it is.
const FRESH_MS = 5 * 60_000;
const OUT = 'cahier.signed-out';

let asked = Date.now();

/** Whether that has to be asked before something is sent: the page was left alone for a while, or another tab signed out. */
export const mayBeOut = () => Date.now() - asked > FRESH_MS || Number(localStorage.getItem(OUT) ?? 0) > asked;

async function standing() {
  const answer = await fetch('/signed-in', { headers: { Accept: 'application/json' } });
  if (!answer.ok || answer.redirected) return null;
  asked = Date.now();
  return (await answer.json()).csrf;
}

/** Forms of this page are sent with what the new sign-in asks for. */
function renew(csrf) {
  document.querySelectorAll('input[name=_csrf]').forEach((field) => { field.value = csrf; });
}

/** True once somebody is signed in; false where that was put off. Throws without signal. */
export async function signedIn() {
  const csrf = await standing();
  if (csrf) { renew(csrf); return true; }
  return ask();
}

function ask() {
  const dialog = document.createElement('dialog');
  dialog.setAttribute('aria-labelledby', 'again-title');
  dialog.innerHTML = `<h2 id="again-title">You are signed out</h2><p class="soft">What you typed is still here. Sign in and it goes on.</p>
    <form class="form"><p class="f"><label for="again-user">E-mail address</label><input class="input" id="again-user" type="email" autocomplete="username" required></p>
    <p class="f"><label for="again-word">Password</label><input class="input" id="again-word" type="password" autocomplete="current-password" required></p>
    <p class="no" role="alert" hidden></p><div class="buttons"><button class="button is-primary">Sign in and go on</button><button type="button" class="button is-text">Not now</button></div></form>`;
  document.body.append(dialog);
  dialog.showModal();
  return new Promise((go) => {
    const close = (signed) => { dialog.close(); dialog.remove(); go(signed); };
    dialog.querySelector('[type=button]').addEventListener('click', () => close(false));
    dialog.addEventListener('cancel', () => close(false));
    dialog.querySelector('form').addEventListener('submit', async (event) => {
      event.preventDefault();
      event.stopPropagation();
      const wrong = await signIn(dialog.querySelector('#again-user').value, dialog.querySelector('#again-word').value);
      if (!wrong) { close(true); return; }
      dialog.querySelector('.no').hidden = false;
      dialog.querySelector('.no').textContent = wrong;
    });
  });
}

/** Answers what was wrong, or nothing. */
async function signIn(username, password) {
  try {
    const page = new DOMParser().parseFromString(await (await fetch('/login')).text(), 'text/html');
    const token = page.querySelector('input[name=_csrf]')?.value ?? '';
    const answer = await fetch('/login', { method: 'POST', body: new URLSearchParams({ username, password, _csrf: token }) });
    const csrf = await standing();
    if (csrf) { renew(csrf); return ''; }
    if (/[?&]wait=/.test(answer.url)) return 'Too many wrong passwords. Wait a while, then try again.';
    return /[?&]error/.test(answer.url) ? 'That address and password do not go together. Try again.' : 'More is asked for: sign in in another tab, then come back and save again.';
  } catch {
    return 'No signal. Try again.';
  }
}

document.addEventListener('submit', (event) => { if (event.target.action?.endsWith('/logout')) localStorage.setItem(OUT, Date.now()); });
