-- Devices that were let in over the home network.
create table device (
    id        varchar(36)  primary key,
    name      varchar(60)  not null,
    paired_at timestamptz  not null
);

-- The one password, as Argon2 keeps it; and how often in a row it was typed wrong.
create table shared_password (
    id        int          primary key check (id = 1),
    hash      varchar(200) not null
);

create table wrong_password (
    id      int         primary key check (id = 1),
    times   int         not null,
    last_at timestamptz not null
);

insert into wrong_password values (1, 0, to_timestamp(0));

-- Keys that let one device in, once, as SHA-256 keeps them.
create table invitation (
    hash       varchar(64) primary key,
    expires_at timestamptz not null
);

-- Sessions, as Spring Session lays them out for PostgreSQL.
create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null,
    creation_time         bigint   not null,
    last_access_time      bigint   not null,
    max_inactive_interval int      not null,
    expiry_time           bigint   not null,
    principal_name        varchar(100)
);

create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36)     not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea        not null,
    primary key (session_primary_id, attribute_name)
);
