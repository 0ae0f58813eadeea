-- What plan something was pressed against at the bench: so much as the notebook needs of it. Null for what was pressed before that was kept.
alter table bench_event add column against jsonb;

-- Notes by hand. They are never changed: one that takes another's place names it. What the bench has written is read out of its events.
create table note (
    id         varchar(120) primary key,
    seq        bigint generated always as identity,
    received   timestamptz not null,
    document   jsonb       not null,
    instead_of varchar(120),
    removed    boolean     not null default false
);

-- Notes that count however improbable they are, whoever wrote them.
create table note_kept (
    note_id varchar(120) primary key
);

-- Figures that are held where they are, or are the house's again, whatever notes say.
create table figure_decision (
    figure varchar(120) primary key,
    way    varchar(20)      not null,
    mean   double precision not null
);

-- What plans take from the notes: worked out from them, and kept so that no plan waits for that.
create table learnt (
    id       bigint primary key,
    document jsonb not null
);
