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
