insert into brake values ('digest', '\x01', 0);
insert into audit (practice_id, household_id, at, who, what) values (9, 9, '2025-03-01 11:00Z', 'Edda Brandt', 'LINK_MADE');
