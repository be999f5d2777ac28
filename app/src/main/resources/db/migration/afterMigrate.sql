-- The application's role reads and writes rows; what holds them (tables, policies, triggers) it cannot change.
grant usage on schema public to "${application}";
grant select, insert, update, delete on all tables in schema public to "${application}";
grant usage, select on all sequences in schema public to "${application}";
revoke insert, update, delete on flyway_schema_history from "${application}";
