-- Issued homework is a snapshot, numbered per household and never edited: the next issue replaces it.
create table homework (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    number       int not null,
    issued_at    timestamptz not null,
    issued_by    text not null,
    unique (household_id, number),
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id)
);

create table homework_item (
    practice_id  bigint not null,
    household_id bigint not null,
    homework_id  bigint not null,
    position     int not null,
    track_id     bigint not null,
    step_id      bigint not null,
    body         jsonb not null,
    primary key (homework_id, position),
    foreign key (practice_id, household_id, homework_id) references homework (practice_id, household_id, id),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id),
    foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id)
);
create index homework_item_step on homework_item (practice_id, household_id, step_id);

-- Only the hash of an owner link is kept; the link itself is shown once, when it is made.
create table owner_link (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    token_hash   bytea not null unique,
    made_at      timestamptz not null,
    revoked_at   timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index owner_link_live on owner_link (household_id) where revoked_at is null;

do $$
declare t text;
begin
    foreach t in array array['homework', 'homework_item', 'owner_link'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;

-- An owner comes with a link and nothing else: the one row with its hash may be read before the practice is known.
create policy by_link on owner_link for select
    using (token_hash = decode(nullif(current_setting('cahier.link', true), ''), 'hex'));

create trigger homework_is_kept before update or delete on homework for each row execute function refuse_change();
create trigger homework_item_is_kept before update or delete on homework_item for each row execute function refuse_change();
