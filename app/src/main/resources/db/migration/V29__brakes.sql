-- How much somebody has sent of late: Bucket4j's own rows. The key is a digest, so that no address and no household stands here.
create table brake (
    id         text primary key,
    state      bytea,
    expires_at bigint
);
create index brake_expires on brake (expires_at);
