# frozen_string_literal: true

# Causes that were named, and that proved wrong, are looked for in the whole log.
Sequel.migration do
  up do
    run "CREATE INDEX log_causes ON log_entries(key, opening_id) WHERE key IN ('service.cause', 'service.wrong')"
  end

  down { run "DROP INDEX log_causes" }
end
