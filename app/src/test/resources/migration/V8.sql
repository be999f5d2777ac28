insert into need (practice_id, household_id, track_id, step_id, first_track_id, first_step_id) values (9, 9, 9, 9, 8, 8);
insert into apart values (9, 9, 8, 9);
insert into parked_item (practice_id, household_id, item, until) values (9, 9, 'ball', '2025-04-01');
insert into own_template (practice_id, trainer_id, made_by, body, made_at) values (9, 9, 'Edda Brandt', '{"title": "Mat"}', '2025-03-01 11:00Z');
