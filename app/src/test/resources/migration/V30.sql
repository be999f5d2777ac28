insert into erasure (practice_id, household_id, asked_at, asked_by) values (9, 8, '2025-03-01 11:00Z', 'Edda Brandt');
insert into second_factor (trainer_id, practice_id, sealed, on_since, last_step) values (9, 9, '\x01', '2025-03-01 11:00Z', 5);
insert into recovery_code values (9, 9, '\x02');
