-- What an owner asks between lessons, and the trainer's answer.
create table question (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    words        text not null check (words <> ''),
    asked_at     timestamptz not null,
    received_at  timestamptz not null,
    answer       text not null default '',
    answered_at  timestamptz,
    answered_by  text,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index question_of_household on question (practice_id, household_id, asked_at);

alter table question enable row level security;
alter table question force row level security;
create policy own on question using (practice_id = current_practice());
