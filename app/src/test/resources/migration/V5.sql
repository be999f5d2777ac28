insert into homework (id, practice_id, household_id, number, issued_at, issued_by) overriding system value values (9, 9, 9, 1, '2025-03-01 11:00Z', 'Edda Brandt');
insert into homework_item values (9, 9, 9, 0, 8, 7, '{"title": "On the mat"}');
insert into owner_link (practice_id, household_id, token_hash, made_at) values (9, 9, '\x0102', '2025-03-01 11:00Z');
