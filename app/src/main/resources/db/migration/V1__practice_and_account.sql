-- The practice is the tenant: every other table hangs on one, and row-level security holds it a second time.
-- The application sets cahier.practice at the start of each transaction; without it no row is seen.

create function current_practice() returns bigint language sql stable as
$$ select nullif(current_setting('cahier.practice', true), '')::bigint $$;

create table practice (
    id         bigint generated always as identity primary key,
    name       text not null check (name <> ''),
    zone       text not null,
    created_at timestamptz not null
);

-- One row once the first practice has been made, so that two first-run pages cannot both succeed.
create table installation (
    only_one       boolean primary key default true check (only_one),
    first_practice bigint not null references practice
);

create table trainer (
    id            bigint generated always as identity primary key,
    practice_id   bigint not null references practice,
    name          text not null check (name <> ''),
    email         text not null,
    password_hash text not null
);
create unique index trainer_email on trainer (lower(email));

alter table practice enable row level security;
alter table practice force row level security;
create policy own on practice using (id = current_practice()) with check (true);

-- Sign-in happens before the practice is known: the one row with the typed address may be read then.
alter table trainer enable row level security;
alter table trainer force row level security;
create policy own on trainer using (practice_id = current_practice());
create policy sign_in on trainer for select using (lower(email) = lower(current_setting('cahier.sign_in', true)));

-- Spring Session: a restart signs nobody out.
create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null unique,
    creation_time         bigint not null,
    last_access_time      bigint not null,
    max_inactive_interval int not null,
    expiry_time           bigint not null,
    principal_name        varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea not null,
    primary key (session_primary_id, attribute_name)
);
