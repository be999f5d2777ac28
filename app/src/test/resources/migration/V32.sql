insert into life_change (practice_id, household_id, day, what, noted_at, noted_by) values (9, 9, '2025-03-01', 'HOME', '2025-03-01 11:00Z', 'Edda');
