-- How much somebody has sent of late: Bucket4j's own rows. The key is a digest, so that no address and no household stands here.
create table brake (
    id         text primary key,
    state      bytea,
    expires_at bigint
);
create index brake_expires on brake (expires_at);

-- Until when nobody else takes a mail that is on its way: by the database's clock, so that machines whose clocks differ do not send it twice.
alter table mail add column taken_until timestamptz;

-- A sign-in is found by its trainer's address, which may be as long as an address is.
alter table spring_session alter column principal_name type varchar(254);

-- A trainer who has lost the password gets a link by mail.
alter table mail drop constraint mail_kind_check,
                 add constraint mail_kind_check check (kind in ('HOMEWORK', 'ANSWER', 'ALARM', 'QUESTIONS', 'PASSWORD'));

-- Who let whom in, and who came in: only ever added to.
create table audit (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null references practice,
    household_id bigint,
    at           timestamptz not null,
    who          text not null check (who <> ''),
    what         text not null check (what in ('SIGNED_IN', 'PASSWORD_CHANGED', 'PASSWORD_BY_LINK', 'PASSWORD_BY_HAND', 'LINK_MADE', 'LINK_REPLACED', 'LINK_STOPPED', 'CALENDAR_MADE', 'CALENDAR_STOPPED')),
    note         text not null default '',
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index audit_of_practice on audit (practice_id, at desc);
create index audit_of_household on audit (practice_id, household_id);
select protect_table('audit');
select keep_rows('audit');

-- Without the name of a column, what stands in tg_argv is null and nothing was compared: those tables could be changed.
create or replace function refuse_change_but() returns trigger language plpgsql as $$
declare
    may_change text[] := coalesce(tg_argv, '{}');
begin
    if to_jsonb(old) - may_change is distinct from to_jsonb(new) - may_change then
        raise exception '% rows are only ever added; of one that is there % may change', tg_table_name,
            coalesce(nullif(array_to_string(may_change, ', '), ''), 'nothing');
    end if;
    return new;
end $$;
