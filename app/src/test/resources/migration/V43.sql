insert into track_template values (9, 9, 9, '{"title": "Mat"}');
