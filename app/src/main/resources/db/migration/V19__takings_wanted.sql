-- What a step wanted off the shelf, where the shelf did not have all of it: it was used all the same.
alter table shelf_taking add column wanted jsonb;
