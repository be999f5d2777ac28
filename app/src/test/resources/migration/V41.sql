insert into first_hour values (9, 9, 'WORDS', 'SKIPPED', '2025-03-01 11:00Z');
insert into draft values (9, 9, 9, '/households/9/intake/home', 'tried', 'the bin lorry', 'a1b2', '2025-03-01 11:00Z');
