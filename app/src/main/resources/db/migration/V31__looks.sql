-- Who looked at a household on which of its days, and how often: written beside the page, never by it.
create table look (
    practice_id  bigint not null references practice,
    household_id bigint not null,
    who          text not null check (who <> ''),
    day          date not null,
    first_at     timestamptz not null,
    last_at      timestamptz not null,
    times        int not null check (times > 0),
    primary key (practice_id, household_id, who, day),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
select protect_table('look');
select keep_rows('look', 'first_at', 'last_at', 'times');
