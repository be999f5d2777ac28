insert into calendar_link values (9, '\x0304', '2025-03-01 11:00Z');
