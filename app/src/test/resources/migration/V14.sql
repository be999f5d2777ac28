insert into probe (practice_id, household_id, track_id, visit_id, kind, asked_at, asked_by) values (9, 9, 8, 8, 'PLACE', '2025-03-05 08:00Z', 'Edda Brandt');
