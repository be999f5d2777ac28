-- What an owner may add to a rep after the tap: what kind of miss, where a chain broke, what was seen.
create table rep_detail (
    rep_id      uuid primary key references rep,
    practice_id bigint not null references practice,
    slip        text check (slip in ('GRABBED', 'STARED_ON', 'POPPED_UP', 'HOVERED', 'CROOKED', 'ANTICIPATED', 'JUMPED_ON', 'NO_CONTACT', 'HAND_NOT_SEEN',
                                     'SLIPPED_PAST', 'TOO_KEEN_ON_ITEM', 'TIGHT_LEAD', 'CROWDED', 'BROKE_AT', 'CALLED_TWICE', 'WALKED_OFF', 'REFUSED_FOOD')),
    event       text not null default '',
    sign        text check (sign in ('BARKED', 'LUNGED', 'FROZE', 'HID', 'BACKED_OFF', 'REFUSED_FOOD'))
);
create index rep_detail_of_practice on rep_detail (practice_id);

-- How far the phone's clock was off, in seconds, where that was more than a little.
alter table rep add column clock_off_s int;

-- Whether the dog was ready, and how often it came back by itself when it was let off.
alter table sitting add column ready      boolean,
                    add column came_back  int not null default 0 check (came_back between 0 and 100),
                    add column stayed_off int not null default 0 check (stayed_off between 0 and 100);

-- Stop and call: every track of the dog rests until the trainer has spoken with its people.
create table alarm (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    kind         text not null check (kind in ('GROWLED', 'SNAPPED', 'BIT', 'PANICKED', 'HURT', 'ESCAPED')),
    what         text not null default '',
    happened_at  timestamptz not null,
    received_at  timestamptz not null,
    answered_at  timestamptz,
    answered_by  text,
    answer       text not null default '',
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id)
);
create index alarm_open on alarm (practice_id, dog_id) where answered_at is null;

do $$
declare t text;
begin
    foreach t in array array['rep_detail', 'alarm'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
