-- The shop's instruments and wrenches. Entries copy what matters of one, so a row may change; it is struck off, never deleted.
create table instruments (
  id text primary key,
  name text not null,
  kind text not null,
  ranges jsonb not null,
  leads double precision,
  lamp_step double precision,
  grip double precision,
  reach double precision,
  calibrated_to date,
  demo boolean not null default false,
  struck_at timestamptz,
  added_at timestamptz not null default now()
);
create unique index instruments_name on instruments (lower(name)) where struck_at is null;
