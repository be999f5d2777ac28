-- What the dog showed when it reacted, as on a rep that was too much.
alter table exposure add column sign text check (sign in ('BARKED', 'LUNGED', 'FROZE', 'HID', 'BACKED_OFF', 'REFUSED_FOOD'));
