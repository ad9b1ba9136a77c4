-- The academy has one tracker. An assistant, or a phone that was brought to one lesson, sees what it is aimed at, and aims it, where that is a
-- lesson which they may see; a word that has not been said again for three minutes does not hold any more.
drop policy aimed on tracker;
create policy aimed on tracker to mellow_guest
  using (
    mellow_role() = 'coach'
    or (mellow_role() = 'assistant'
        and (aim is null or aimed_at < now() - interval '3 minutes' or exists (select from lessons l where l.id::text = aim ->> 'lesson')))
  )
  with check (
    mellow_role() = 'coach'
    or (mellow_role() = 'assistant' and (aim is null or exists (select from lessons l where l.id::text = aim ->> 'lesson')))
  );
