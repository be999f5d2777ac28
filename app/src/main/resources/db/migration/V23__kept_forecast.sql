-- What was said of a track on a day, to be held against the day it ended. Only ever added.
create table kept_forecast (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    said_on      date not null,
    early        date not null,
    late         date,
    unique (practice_id, track_id, said_on),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
alter table kept_forecast enable row level security;
alter table kept_forecast force row level security;
create policy own on kept_forecast using (practice_id = current_practice());
