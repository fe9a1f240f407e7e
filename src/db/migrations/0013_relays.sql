-- A program on the shop's computer that passes on what instruments show. It is bound to the session in which its code was made, and
-- ends with it.
create table relays (
  id uuid primary key default gen_random_uuid(),
  session_hash bytea not null references sessions (token_hash) on delete cascade,
  code_hash bytea unique,
  code_until timestamptz,
  token_hash bytea unique,
  name text not null default '',
  instruments jsonb not null default '[]',
  orders jsonb not null default '[]',
  seen_at timestamptz
);

-- Whose tablet an instrument is at: what it shows goes to that one alone.
create table relay_claims (
  relay_id uuid not null references relays on delete cascade,
  instrument text not null,
  session_hash bytea not null references sessions (token_hash) on delete cascade,
  primary key (relay_id, instrument)
);
