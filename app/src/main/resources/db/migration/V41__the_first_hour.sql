-- The first hour with a household: what was skipped on purpose, and what was seen to without leaving a trace elsewhere.
create table first_hour (
    practice_id  bigint not null,
    household_id bigint not null,
    part         text not null check (length(part) <= 20),
    state        text not null check (state in ('DONE', 'SKIPPED')),
    at           timestamptz not null,
    primary key (practice_id, household_id, part),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
select protect_table('first_hour');

-- What a trainer has typed into a form and not kept yet, field by field; it is about one household and goes with it.
create table draft (
    practice_id  bigint not null,
    household_id bigint not null,
    trainer_id   bigint not null references trainer,
    form         text not null check (length(form) <= 200),
    field        text not null check (length(field) <= 80),
    words        text not null check (length(words) <= 8000),
    device       text not null check (length(device) <= 40),
    typed_at     timestamptz not null,
    primary key (practice_id, trainer_id, form, field),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index draft_of_household on draft (practice_id, household_id);
select protect_table('draft');
