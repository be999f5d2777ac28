insert into question (id, practice_id, household_id, words, asked_at, received_at) values ('00000000-0000-4000-8000-000000000005', 9, 9, 'How long?', '2025-03-04 08:00Z', '2025-03-04 08:00Z');
