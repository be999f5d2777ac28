insert into setup (practice_id, household_id, place_id, kind, title, address, kept_at, kept_by) values (9, 9, 9, 'SIGHT', 'Hedge', 'dog=1', '2025-03-06 08:00Z', 'Edda Brandt');
insert into landmark (practice_id, household_id, name, metres) values (9, 9, 'Post box', 14);
insert into watching (id, practice_id, household_id, dog_id, place_id, began_at, received_at) values ('00000000-0000-4000-8000-000000000008', 9, 9, 9, 9, '2025-03-06 09:00Z', '2025-03-06 09:00Z');
insert into watching_tap values ('00000000-0000-4000-8000-000000000009', 9, 9, '00000000-0000-4000-8000-000000000008', 'CALM', '2025-03-06 09:01Z', null);
insert into outing (id, practice_id, household_id, dog_id, paces, calm_paces, happened_at, received_at) values ('00000000-0000-4000-8000-00000000000a', 9, 9, 9, 40, 30, '2025-03-06 10:00Z', '2025-03-06 10:00Z');
