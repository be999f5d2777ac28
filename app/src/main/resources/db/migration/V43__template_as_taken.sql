-- A track keeps its template as it was taken, so that a newer one can be held against it.
alter table track add column template_digest text not null default '' check (length(template_digest) <= 64);
create table track_template (
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    body         jsonb not null,
    primary key (practice_id, track_id),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id)
);
select protect_table('track_template');
