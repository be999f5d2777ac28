-- Mail to owners: what waits, what went, what would not go. The address of a household's page is never in it; {link} is filled in when it is sent.
alter table person add column email text not null default '' check (length(email) <= 254);

-- The owner link again, sealed with a key that is not in this database, so that it can be put on paper and in a mail.
alter table owner_link add column sealed bytea;

create table mail (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    kind         text not null check (kind in ('HOMEWORK', 'ANSWER')),
    homework_id  bigint,
    from_name    text not null,
    reply_to     text not null,
    to_name      text not null,
    to_address   text not null check (to_address <> ''),
    subject      text not null,
    body         text not null,
    site         text not null,
    state        text not null default 'WAITING' check (state in ('WAITING', 'SENT', 'FAILED', 'DROPPED')),
    tries        int not null default 0,
    next_at      timestamptz not null,
    made_at      timestamptz not null,
    sent_at      timestamptz,
    trouble      text not null default '',
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index mail_waiting on mail (next_at) where state = 'WAITING';
create index mail_of_practice on mail (practice_id, made_at desc);

-- The trainer's own wording; where there is none the usual one is sent.
create table mail_text (
    practice_id bigint not null references practice,
    kind        text not null check (kind in ('HOMEWORK', 'ANSWER', 'STRANGERS')),
    subject     text not null,
    body        text not null check (body <> ''),
    primary key (practice_id, kind)
);

do $$
declare t text;
begin
    foreach t in array array['mail', 'mail_text'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
-- The postman works for no practice: it may see what is due, and then works for each practice in turn.
create policy postman on mail for select using (current_setting('cahier.postman', true) = 'yes');
