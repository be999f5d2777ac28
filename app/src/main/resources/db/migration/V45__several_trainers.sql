-- Several trainers of one practice. What a trainer could do before, the one who runs the practice can do now.
alter table trainer
    add column role text not null default 'RUNS' check (role in ('RUNS', 'TRAINS', 'READS')),
    add column signs text not null default '',        -- how this trainer's acts are signed; nobody else of the practice has it
    add column questions_by_mail boolean not null default true,
    add column joined_at timestamptz,                 -- since the first password was chosen; none while only invited
    add column left_at timestamptz,
    add constraint trainer_of_practice unique (practice_id, id);
update trainer t set joined_at = p.created_at, questions_by_mail = p.questions_by_mail from practice p where p.id = t.practice_id;

-- The first name; the whole name where another has that, and a number where two have the same name.
create function trainer_signs() returns trigger language plpgsql as $$
begin
    new.signs := (
        select s.signs from (values (1, split_part(btrim(new.name), ' ', 1)), (2, btrim(new.name)), (3, btrim(new.name) || ' ' || new.id)) s (place, signs)
        where not exists (select 1 from trainer t where t.practice_id = new.practice_id and t.id <> new.id and lower(t.signs) = lower(s.signs)) order by s.place limit 1);
    return new;
end $$;
create trigger trainer_signs before insert on trainer for each row execute function trainer_signs();
create trigger trainer_signs_anew before update of name on trainer for each row when (old.joined_at is null) execute function trainer_signs();
do $$
declare
    t record;
begin
    for t in select id, practice_id, name from trainer order by id loop
        update trainer set signs = (
            select s.signs from (values (1, split_part(btrim(t.name), ' ', 1)), (2, btrim(t.name)), (3, btrim(t.name) || ' ' || t.id)) s (place, signs)
            where not exists (select 1 from trainer o where o.practice_id = t.practice_id and o.id <> t.id and lower(o.signs) = lower(s.signs)) order by s.place limit 1)
        where id = t.id;
    end loop;
end $$;
create unique index trainer_signs on trainer (practice_id, lower(signs));

-- Whoever has left may be a trainer elsewhere, with the same address.
drop index trainer_email;
create unique index trainer_email on trainer (lower(email)) where left_at is null;

-- Begins the work of a signed-in trainer; false where the sign-in does not stand any more: somebody who left, or who may do something else since.
create function enter_practice(practice bigint, trainer bigint, role text) returns boolean language plpgsql as $$
begin
    perform set_config('cahier.practice', practice::text, true);
    return exists (select 1 from trainer t where t.practice_id = practice and t.id = trainer and t.role = enter_practice.role and t.left_at is null);
end $$;

-- Whose household it is; none where all trainers share it.
alter table household add column trainer_id bigint, add constraint household_trainer foreign key (practice_id, trainer_id) references trainer (practice_id, id);
create index household_of_trainer on household (practice_id, trainer_id);
update household h set trainer_id = (select min(t.id) from trainer t where t.practice_id = h.practice_id) where (select count(*) from trainer t where t.practice_id = h.practice_id) = 1;

-- Who gives a lesson, where that was said; else whoever answers for the household on its day.
alter table lesson add column trainer_id bigint, add constraint lesson_trainer foreign key (practice_id, trainer_id) references trainer (practice_id, id);

-- A trainer is away from one day to another, both of the practice's calendar, and somebody stands in.
create table stand_in (
    id          bigint generated always as identity primary key,
    practice_id bigint not null references practice,
    trainer_id  bigint not null,
    stand_in_id bigint not null,
    from_day    date not null,
    until_day   date not null,
    check (until_day >= from_day),
    check (trainer_id <> stand_in_id),
    foreign key (practice_id, trainer_id) references trainer (practice_id, id),
    foreign key (practice_id, stand_in_id) references trainer (practice_id, id)
);
create index stand_in_of_practice on stand_in (practice_id, trainer_id);
select protect_table('stand_in');

-- A household went from one trainer to another, or to all of them, with what the next one should know.
create table hand_over (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    at           timestamptz not null,
    by_trainer   text not null check (by_trainer <> ''),
    from_id      bigint,
    to_id        bigint,
    note         text not null default '' check (length(note) <= 2000),
    read_at      timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, from_id) references trainer (practice_id, id),
    foreign key (practice_id, to_id) references trainer (practice_id, id)
);
create index hand_over_of_household on hand_over (practice_id, household_id, at desc);
create index hand_over_unread on hand_over (practice_id, to_id) where read_at is null;
select protect_table('hand_over');
select keep_rows('hand_over', 'read_at');

-- Who answers for a household on a day: who stands in for its trainer, else its trainer; nobody in particular where all share it.
create function answers_for(practice bigint, trainer bigint, day date) returns bigint language sql stable as $$
    select coalesce((select s.stand_in_id from stand_in s where s.practice_id = practice and s.trainer_id = trainer and day between s.from_day and s.until_day order by s.id desc limit 1), trainer)
$$;
create function gives_lesson(practice bigint, household bigint, said bigint, starts timestamptz) returns bigint language sql stable as $$
    select coalesce(said, (select answers_for(practice, h.trainer_id, (starts at time zone p.zone)::date) from household h join practice p on p.id = h.practice_id where h.practice_id = practice and h.id = household))
$$;

-- The same of every lesson that is kept, in one go: a list asks it of thousands. Nobody is away twice on one day.
create view lesson_given with (security_invoker = true) as
    select l.id, l.practice_id, l.household_id, l.starts_at, l.minutes, l.plan, l.travel_min, l.state, l.version, l.trainer_id, h.closed_at,
           coalesce(l.trainer_id, s.stand_in_id, h.trainer_id) as gives
    from lesson l join household h on h.practice_id = l.practice_id and h.id = l.household_id join practice p on p.id = l.practice_id
    left join stand_in s on s.practice_id = h.practice_id and s.trainer_id = h.trainer_id and (l.starts_at at time zone p.zone)::date between s.from_day and s.until_day;

-- What was before a household went to another trainer stays theirs: who gave its lessons is written down as it goes.
create function lessons_stay_given() returns trigger language plpgsql as $$
begin
    update lesson l set trainer_id = answers_for(l.practice_id, old.trainer_id, (l.starts_at at time zone p.zone)::date)
        from practice p where p.id = l.practice_id and l.practice_id = old.practice_id and l.household_id = old.id and l.trainer_id is null and l.starts_at <= now();
    return null;
end $$;
create trigger lessons_stay_given after update of trainer_id on household for each row when (old.trainer_id is not null and new.trainer_id is distinct from old.trainer_id) execute function lessons_stay_given();

-- A calendar is a trainer's own: what was there belongs to the first of the practice, and so does what a release writes that names no trainer,
-- while one instance after the other goes over to this one.
create function first_trainer() returns trigger language plpgsql as $$
begin
    new.trainer_id := (select min(t.id) from trainer t where t.practice_id = new.practice_id and t.left_at is null);
    return new;
end $$;
alter table calendar_link add column trainer_id bigint;
update calendar_link c set trainer_id = (select min(t.id) from trainer t where t.practice_id = c.practice_id);
alter table calendar_link alter column trainer_id set not null, drop constraint calendar_link_pkey, add primary key (practice_id, trainer_id),
    add constraint calendar_link_trainer foreign key (practice_id, trainer_id) references trainer (practice_id, id);
alter table busy add column trainer_id bigint;
update busy b set trainer_id = (select min(t.id) from trainer t where t.practice_id = b.practice_id);
alter table busy alter column trainer_id set not null, add constraint busy_trainer foreign key (practice_id, trainer_id) references trainer (practice_id, id);
create trigger first_trainer before insert on calendar_link for each row when (new.trainer_id is null) execute function first_trainer();
create trigger first_trainer before insert on busy for each row when (new.trainer_id is null) execute function first_trainer();

alter table audit drop constraint audit_what_check, add constraint audit_what_check check (what in ('SIGNED_IN', 'PASSWORD_CHANGED', 'PASSWORD_BY_LINK', 'PASSWORD_BY_HAND',
    'LINK_MADE', 'LINK_REPLACED', 'LINK_STOPPED', 'CALENDAR_MADE', 'CALENDAR_STOPPED', 'CLOSED', 'REOPENED', 'EXPORTED', 'EXPORTED_BY_OWNER', 'IMPORTED', 'ERASURE_ASKED', 'ERASED',
    'SETTINGS_CHANGED', 'SECOND_FACTOR_ON', 'SECOND_FACTOR_OFF', 'RECOVERY_CODE_USED', 'FORGOTTEN', 'INVITED', 'JOINED', 'ROLE_CHANGED', 'LET_GO', 'STANDS_IN', 'STANDS_IN_NO_MORE'));
alter table mail drop constraint mail_kind_check,
                 add constraint mail_kind_check check (kind in ('HOMEWORK', 'ANSWER', 'ALARM', 'QUESTIONS', 'PASSWORD', 'TRIED', 'INVITED', 'HANDED_OVER'));
