insert into departure (id, practice_id, household_id, dog_id, sitting_id, left_s, upset_after_s, happened_at, received_at) values
    ('00000000-0000-4000-8000-00000000000b', 9, 9, 9, '00000000-0000-4000-8000-00000000000c', 22, null, '2025-03-07 10:00Z', '2025-03-07 10:00Z');
insert into hours_away (practice_id, household_id, weekday, from_min, to_min) values (9, 9, 2, 540, 720);
insert into comfort (practice_id, household_id, dog_id, zone, comfort, set_at, set_by) values (9, 9, 9, 'CHIN', 2, '2025-03-07 10:00Z', 'Edda Brandt');
insert into touch (id, practice_id, household_id, dog_id, sitting_id, zone, seconds, seen, happened_at, received_at) values
    ('00000000-0000-4000-8000-00000000000d', 9, 9, 9, '00000000-0000-4000-8000-00000000000e', 'CHIN', 3, 'CALM', '2025-03-07 10:00Z', '2025-03-07 10:00Z');
insert into handling_target (practice_id, household_id, dog_id, zone, set_at) values (9, 9, 9, 'CHIN', '2025-03-07 10:00Z');
