-- What is looked for is also found where it is written a little differently.
create extension if not exists pg_trgm;
