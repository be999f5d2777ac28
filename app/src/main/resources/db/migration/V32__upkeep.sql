-- A track whose goal was reached and does not hold is worked again.
alter table visit drop constraint visit_entered_by_check, add constraint visit_entered_by_check check (entered_by in ('UP', 'BACK', 'SPLIT', 'MOVED', 'REOPENED'));

-- A change of season or of home, after which what was reached is looked at once more.
create table life_change (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null references practice,
    household_id bigint not null,
    day          date not null,
    what         text not null check (what in ('HOME', 'SEASON')),
    noted_at     timestamptz not null,
    noted_by     text not null check (noted_by <> ''),
    unique (household_id, day, what),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index life_change_of_household on life_change (practice_id, household_id);
select protect_table('life_change');
