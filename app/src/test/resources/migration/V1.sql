insert into practice (id, name, zone, created_at) overriding system value values (9, 'Marl Road Lessons', 'Europe/London', '2025-02-01 09:00Z');
insert into installation (first_practice) values (9);
insert into trainer (id, practice_id, name, email, password_hash) overriding system value values (9, 9, 'Edda Brandt', 'edda@marlroad.example', 'x');
insert into spring_session values (repeat('a', 36), repeat('b', 36), 0, 0, 1800, 1800000, 'edda@marlroad.example');
insert into spring_session_attributes values (repeat('a', 36), 'theme', '\x01');
