-- A walk that goes place by place: the places tried, one a line; paces counts them then, and calm_paces those that were calm.
alter table outing add column places text not null default '';
