insert into trainer (id, practice_id, name, email, password_hash, role, joined_at) overriding system value values (10, 9, 'Wenna Tarn', 'wenna@marlroad.example', 'x', 'TRAINS', '2025-03-01 09:00Z');
insert into stand_in (practice_id, trainer_id, stand_in_id, from_day, until_day) values (9, 9, 10, '2025-07-01', '2025-07-14');
insert into hand_over (practice_id, household_id, at, by_trainer, from_id, to_id, note) values (9, 9, '2025-03-02 09:00Z', 'Edda', 9, 10, 'The gate sticks.');
