-- Who made a change, as the window that sent it calls itself; null = it did not say.
alter table tree_changes add column made_by text;
alter table tree_changes add constraint tree_changes_made_by_filled check (made_by ~ '\S' and length(made_by) <= 80);
