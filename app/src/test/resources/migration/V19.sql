insert into lesson_shown values (9, 8, 'MARKER', true);
insert into busy (practice_id, starts_at, ends_at, title) values (9, '2025-03-03 09:00Z', '2025-03-03 10:00Z', 'Dentist');
insert into practice_time values (9, 9, '07:30');
