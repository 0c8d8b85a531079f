-- What the cookies of those who gave the password are signed with.
create table access_secret (
    id     integer primary key check (id = 1),
    secret text not null
);
