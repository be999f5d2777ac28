insert into homework_withdrawn values (9, 9, 9, '2025-03-01 12:00Z', 'Edda Brandt');
insert into tap_mark values (9, 9, 'REP', '00000000-0000-4000-8000-000000000002', 9, 8, 9, '2025-03-02 08:01Z', 'The track rested');
insert into removed_fact (practice_id, household_id, kind, body) values (9, 9, 'WORDS', '{"id": 3, "word": "Aus"}');
