// What the server would not take: what it is, why, and what to do with it. Nothing is thrown away but by a hand.
const NAMES = { rep: 'A rep', early: 'An early sign', felt: 'How you felt', finish: 'The end of a session', alarm: 'Stop and call', question: 'A question', incident: 'What happened', exposure: 'What came', watch: 'A tap while watching',
  outing: 'A walk', departure: 'A departure', touch: 'A touch' };
/** Who and where: taken off the household since, they are what a rep is refused for. */
const LEFT_OUT = { person: null, place: null, adult: null };
const GONE = { person: 'who practised is', place: 'the place is', adult: 'the adult who was there is' };

/** Why, as an owner would say it; what the server said where there are no better words. */
function why(refused) {
  const said = refused.replace(/^reps\[\d+\]\./, '');
  const field = /^(\w+) must be (?:someone|a place|an adult) of this household/.exec(said)?.[1];
  return GONE[field] ? `${GONE[field]} no longer in your household’s list` : said;
}

function button(list, words, work) {
  const made = document.createElement('button');
  made.className = 'button big';
  made.type = 'button';
  made.textContent = words;
  made.addEventListener('click', work);
  list.append(made);
}

/** What was tapped on the link before this one, all of it together. */
function fromOldLink(queue, part, orphans) {
  if (orphans.length === 0) return [];
  const item = document.createElement('div');
  const said = document.createElement('p');
  said.textContent = `${orphans.length === 1 ? 'One thing' : `${orphans.length} things`} you tapped on your old link did not go out.`;
  item.append(said);
  const then = async (work) => {
    item.querySelectorAll('button').forEach((other) => { other.disabled = true; });
    await work();
    await showParked(queue, part);
  };
  button(item, 'Send with this link', () => then(() => queue.adopt(orphans)));
  button(item, 'Throw away', () => { if (confirm('Throw it away for good?')) then(() => queue.remove(orphans)); });
  return [item];
}

/** Fills the part of the page, and again after each answer; hidden while there is nothing. */
export async function showParked(queue, part) {
  await queue.send();
  const parked = await queue.parked();
  const orphans = await queue.orphans();
  part.hidden = parked.length + orphans.length === 0;
  const list = part.querySelector('div.parked');
  list.replaceChildren(...fromOldLink(queue, part, orphans), ...parked.map((entry) => {
    const item = document.createElement('div');
    const said = document.createElement('p');
    const when = entry.body.at ? new Date(entry.body.at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' }) : '';
    said.textContent = `${NAMES[entry.kind] ?? 'Something'}${when && `, ${when}`}: ${why(entry.refused)}.`;
    item.append(said);
    // Until the answer is there nothing else is asked: two answers to one message would overtake each other.
    const then = async (work) => {
      list.querySelectorAll('button').forEach((other) => { other.disabled = true; });
      await work();
      await showParked(queue, part);
    };
    if (entry.kind === 'rep') button(item, 'Send it without who and where', () => then(() => queue.resend(entry, { ...entry.body, ...LEFT_OUT })));
    button(item, 'Try again', () => then(() => queue.resend(entry)));
    button(item, 'Throw it away', () => { if (confirm('Throw it away for good?')) then(() => queue.remove([entry])); });
    return item;
  }));
}
