insert into week_hours (practice_id, household_id, who, person_id, hours) values (9, 9, 'PERSON', 9, 'daily 7-8');
insert into dated_hours (practice_id, household_id, person_id, starts_at, ends_at, free) values (9, 9, 9, '2025-03-09 08:00Z', '2025-03-09 09:00Z', false);
insert into week_plan values (9, 9, '2025-03-08 08:00Z', '2025-03-09', 9, '', '', '');
insert into planned_session (practice_id, household_id, track_id, step_id, dog_id, person_id, starts_at, minutes, pinned, broken) values (9, 9, 8, 7, 9, 9, '2025-03-09 07:00Z', 5, false, '');
