-- Written by the health check, so that a full or read-only disk is told as what it is.
create table pulse (
  only_row boolean primary key default true check (only_row),
  beat timestamptz not null
);
