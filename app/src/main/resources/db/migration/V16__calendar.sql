-- The secret address at which a calendar program reads a practice's lessons. Only its hash is kept; it is shown once, when it is made.
create table calendar_link (
    practice_id bigint primary key references practice,
    token_hash  bytea not null unique,
    made_at     timestamptz not null
);
alter table calendar_link enable row level security;
alter table calendar_link force row level security;
create policy own on calendar_link using (practice_id = current_practice());
create policy by_link on calendar_link for select
    using (token_hash = decode(nullif(current_setting('cahier.link', true), ''), 'hex'));
