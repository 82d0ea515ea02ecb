# frozen_string_literal: true

# Causes of the firm's own, found by hand where none of the known ones fitted; how often a mend held.
Sequel.migration do
  up do
    create_table(:own_causes, strict: true) do
      column :id, :text, primary_key: true
      column :cause, :text, null: false
      column :created_at, :text, null: false
      column :who, :text, null: false, default: ""
      check Sequel.lit("json_valid(cause)")
    end
    run "CREATE INDEX log_held ON log_entries(kind, key) WHERE key = 'held'"
  end

  down do
    drop_table(:own_causes)
    run "DROP INDEX log_held"
  end
end
