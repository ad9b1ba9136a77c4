-- Scenes that coaches and assistants read and called themselves: each sees the own, and nobody another's.

create table own_eye_results (
  -- Given where it was answered: a result that is sent twice is saved once.
  id uuid primary key,
  -- Null on a machine where nobody signs in.
  account_id uuid references accounts (id) on delete cascade,
  answered_at timestamptz not null,
  -- The result in its outside form.
  result jsonb not null
);

create index own_eye_results_of_account on own_eye_results (account_id, answered_at desc);

grant select, insert, update, delete on own_eye_results to mellow_guest;
alter table own_eye_results enable row level security;
create policy own on own_eye_results to mellow_guest
  using (mellow_role() in ('coach', 'assistant') and account_id::text = current_setting('mellow.account', true))
  with check (mellow_role() in ('coach', 'assistant') and account_id::text = current_setting('mellow.account', true));
