insert into track (id, practice_id, household_id, dog_id, title, kind, position) overriding system value values (8, 9, 9, 9, 'Mat', 'SKILL', 0), (9, 9, 9, 9, 'Gate', 'COMFORT', 1);
insert into step (id, practice_id, household_id, track_id, position, title, distance_m, duration_s, run, reps, sessions, minutes, made_at) overriding system value values
    (7, 9, 9, 8, 0, 'On the mat', null, null, 5, 8, 2, 5, '2025-03-01 10:00Z'), (8, 9, 9, 8, 1, 'Ten seconds', null, 10, 5, 8, 2, 5, '2025-03-01 10:00Z'),
    (9, 9, 9, 9, 0, 'At the gate', 3.5, null, 5, 8, 2, 5, '2025-03-01 10:00Z');
insert into visit (id, practice_id, track_id, step_id, entered_at, entered_by) overriding system value values (8, 9, 8, 7, '2025-03-01 10:00Z', null), (9, 9, 9, 9, '2025-03-01 10:00Z', 'MOVED');
