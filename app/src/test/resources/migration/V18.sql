insert into mail (practice_id, household_id, kind, homework_id, from_name, reply_to, to_name, to_address, subject, body, site, next_at, made_at) values
    (9, 9, 'HOMEWORK', 9, 'Edda Brandt', 'edda@marlroad.example', 'Sanna', 'sanna@tamm.example', 'Homework', 'Here it is: {link}', 'http://localhost', '2025-03-01 11:00Z', '2025-03-01 11:00Z');
insert into mail_text values (9, 'HOMEWORK', 'Your homework', 'Here it is: {link}');
