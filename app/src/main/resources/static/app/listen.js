// The recording of a watch, opened in this browser alone: played from where somebody is asked whether it is the dog.
const file = document.getElementById('recording');
const player = document.getElementById('player');
const buttons = [...document.querySelectorAll('[data-listen]')];

file?.addEventListener('change', () => {
  if (player.src) URL.revokeObjectURL(player.src);
  if (file.files.length === 0) return;
  player.src = URL.createObjectURL(file.files[0]);
  player.hidden = false;
  buttons.forEach((b) => { b.hidden = false; });
});
buttons.forEach((b) => b.addEventListener('click', () => {
  player.currentTime = Number(b.dataset.listen);
  player.play();
}));
