-- Patches that were stored, by the id that the page gave them: one whose answer was lost is sent again, and is not stored twice.
create table patch_known (
    id varchar(60) primary key,
    at timestamptz not null default now()
);

create index patch_known_at on patch_known (at);
