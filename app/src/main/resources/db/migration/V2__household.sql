create table household (
    id          bigint generated always as identity primary key,
    practice_id bigint not null references practice,
    name        text not null check (name <> ''),
    home        text not null default '',
    zone        text not null,
    cautions    text not null default '',
    version     int not null default 0,
    unique (practice_id, id)
);

create table person (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    name         text not null check (name <> ''),
    age          int check (age between 0 and 120),
    note         text not null default '',
    version      int not null default 0,
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index person_name on person (household_id, lower(name));

create table dog (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    name         text not null check (name <> ''),
    looks        text not null default '',
    born         date,
    weight_g     int check (weight_g between 200 and 120000),
    version      int not null default 0,
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index dog_name on dog (household_id, lower(name));

create table place (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    name         text not null check (name <> ''),
    difficulty   int not null default 0 check (difficulty between 0 and 5),
    note         text not null default '',
    version      int not null default 0,
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index place_name on place (household_id, lower(name));

create table word (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    word         text not null check (word <> ''),
    meaning      text not null,
    version      int not null default 0,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index word_once on word (household_id, lower(word));

create table lesson (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    starts_at    timestamptz not null,
    minutes      int not null default 60 check (minutes between 15 and 240),
    plan         text not null default '',
    version      int not null default 0,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index lesson_of_household on lesson (practice_id, household_id, starts_at);

do $$
declare t text;
begin
    foreach t in array array['household', 'person', 'dog', 'place', 'word', 'lesson'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
