-- What helped, where a rep was helped: an aid beyond the step's, or the cue said again.
alter table rep_detail add column aid text check (aid in ('FULL_LURE', 'HAND', 'POINT', 'PROP', 'NONE')),
                       add column cues int check (cues between 1 and 9);

-- How long after the return it lay down; an hour at the most.
alter table departure add column settled_s int check (settled_s between 0 and 3600);
drop trigger departure_is_never_deleted on departure;
drop trigger departure_is_kept on departure;
select keep_rows('departure', 'undone_at', 'settled_s');

-- How whoever was with the dog outdoors felt.
alter table sitting add column felt text check (felt in ('AT_EASE', 'TENSE'));
