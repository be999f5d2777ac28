-- A distance may be led by the estimate: then it holds how sharply dogs turn, as it was known when that was chosen.
alter table working_distance add column led_median double precision check (led_median > 0),
                             add column led_sd double precision check (led_sd > 0),
                             add constraint working_distance_led check ((led_median is null) = (led_sd is null) and (led_median is null or own_step is null));

-- How sharply the dogs of a practice turn, learnt from what they did.
create table steepness (
    practice_id bigint primary key references practice,
    median      double precision not null check (median > 0),
    sd          double precision not null check (sd > 0),
    dogs        int not null check (dogs > 0),
    learnt_at   timestamptz not null
);
select protect_table('steepness');

create function practices_that_measured(since timestamptz) returns setof bigint language sql stable security definer set search_path = public, pg_temp as
    'select distinct practice_id from exposure where received_at >= since';
