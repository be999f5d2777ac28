-- What surrounds a lesson: the way there, where it stands, its agenda once the trainer has changed it, and the pack it is paid from.
alter table lesson add column travel_min int not null default 0 check (travel_min between 0 and 300),
                   add column state text not null default 'PLANNED' check (state in ('PLANNED', 'PREPARED', 'GIVEN', 'MISSED')),
                   add column agenda jsonb;
update lesson set state = 'GIVEN' where starts_at + minutes * interval '1 minute' < now();

create table pack (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    lessons      int not null check (lessons between 1 and 100),
    bought_on    date not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index pack_of_household on pack (practice_id, household_id);
alter table pack enable row level security;
alter table pack force row level security;
create policy own on pack using (practice_id = current_practice());
