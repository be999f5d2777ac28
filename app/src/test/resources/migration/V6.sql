insert into intake (household_id, practice_id, home_kind, tried, daily_minutes) values (9, 9, 'FLAT', 'A whistle', 20);
insert into wish (practice_id, household_id, position, words, topic, mover) values (9, 9, 0, 'No more barking at the gate', 'DOGS', 'STARTLED');
insert into dog_care (dog_id, practice_id, household_id, health, kcal_100g) values (9, 9, 9, 'Sore hip', 370);
insert into gate (practice_id, household_id, dog_id, flag, what, raised_on, raised_by, cleared_by, cleared_name, cleared_on) values
    (9, 9, 9, 'BITE', 'Nipped a hand', '2025-03-01', 'Edda Brandt', 'BEHAVIOURIST', 'R. Okell', '2025-03-20'), (9, 9, 9, 'PAIN', 'Limps', '2025-03-01', 'Edda Brandt', null, null, null);
insert into danger values (9, 9, 'FENCE', 'ON_SHEET', '2025-03-01 11:00Z', 'Edda Brandt');
insert into baseline (practice_id, household_id, dog_id, kind, about, body, begun_at, closed_at, taken_by) values
    (9, 9, 9, 'FOOD', '', '{"kept": [3, 2, 1]}', '2025-03-01 11:00Z', '2025-03-01 11:20Z', 'Edda Brandt'), (9, 9, 9, 'COLD_TEST', 'sit', '{}', '2025-03-02 11:00Z', null, 'Edda Brandt');
insert into method_choice (practice_id, household_id, question, choice) values (9, 9, 'MISS', 'AGAIN'), (9, null, 'FIRST', 'LURE');
