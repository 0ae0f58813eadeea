-- Who types a wrong password has to wait, and nobody else for it.
drop table wrong_password;

create table wrong_password (
    address varchar(64) primary key,
    times   int         not null,
    last_at timestamptz not null
);
