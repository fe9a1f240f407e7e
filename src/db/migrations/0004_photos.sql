-- The id is the SHA-256 of the bytes that the device sent; the bytes kept are re-encoded here, without metadata.
create table photos (
  id text primary key check (id ~ '^[0-9a-f]{64}$'),
  mime text not null,
  width integer not null,
  height integer not null,
  bytes bytea not null,
  uploaded_by text not null references people,
  uploaded_at timestamptz not null default now()
);
alter table photos alter column bytes set storage external;
