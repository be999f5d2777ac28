insert into sitting (id, practice_id, household_id, started_at, ended_at, ended_how) values ('00000000-0000-4000-8000-000000000001', 9, 9, '2025-03-02 08:00Z', '2025-03-02 08:10Z', 'EAGER');
insert into rep (id, practice_id, household_id, track_id, step_id, visit_id, sitting_id, outcome, role, at, received_at, happened_at, person_id, place_id) values
    ('00000000-0000-4000-8000-000000000002', 9, 9, 8, 7, 8, '00000000-0000-4000-8000-000000000001', 'CLEAN', 'WORK', '2025-03-02 08:01Z', '2025-03-02 08:01Z', '2025-03-02 08:01Z', 9, 8),
    ('00000000-0000-4000-8000-000000000003', 9, 9, 8, 7, 8, '00000000-0000-4000-8000-000000000001', 'TOO_MUCH', 'WORK', '2025-03-02 08:02Z', '2025-03-02 08:02Z', '2025-03-02 08:02Z', 9, 9);
insert into rep_void values ('00000000-0000-4000-8000-000000000003', 9, '2025-03-02 08:03Z', 9);
insert into practice_day values (9, 9, 8, 7, '2025-03-02', 1, 0, 0, 0);
insert into decision (id, practice_id, household_id, track_id, step_id, visit_id, made_at, suggested, cause, suggestion, state, answer, answered_at, answered_by, why) overriding system value values
    (8, 9, 9, 8, 7, 8, '2025-03-02 09:00Z', 'STAY', 'GOING', '{"kept": "as it was"}', 'OVERRULED', 'UP', '2025-03-02 10:00Z', 'Edda Brandt', 'Knows it'),
    (9, 9, 9, 9, 9, 9, '2025-03-02 09:00Z', 'STAY', 'GOING', '{}', 'OPEN', null, null, null, '');
insert into judgement_due (track_id, practice_id, due_at) values (8, 9, '2025-03-03 08:00Z');
