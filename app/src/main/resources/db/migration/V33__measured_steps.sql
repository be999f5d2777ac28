-- A step that measures says where it stands now; what it measures stands in its teaching.
alter table step add column now jsonb;

-- A rep of such a step keeps what was measured, in its own unit, and at which loudness or zone.
alter table rep add column level text not null default '', drop constraint rep_value_check, add constraint rep_value_check check (value between 0 and 43200);
