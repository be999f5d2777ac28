insert into shedlock values ('judging', '2025-03-01 11:00Z', '2025-03-01 11:00Z', 'here');
