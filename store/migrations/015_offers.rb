# frozen_string_literal: true

# Offers as they were made: numbered, dated, never rewritten.
Sequel.migration do
  up do
    create_table(:offers, strict: true) do
      primary_key :id
      foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :restrict
      column :number, :text, null: false
      column :made_on, :text, null: false
      column :valid_until, :text, null: false
      column :total, :text, null: false # exact
      column :told, :text, null: false # JSON: currency, lines, breakdown
      column :who, :text, null: false
      column :at, :text, null: false
      index [:job_id, :number], unique: true
    end
    run <<~SQL
      CREATE TRIGGER offers_no_update BEFORE UPDATE ON offers
      BEGIN SELECT RAISE(ABORT, 'an offer is never rewritten'); END
    SQL
  end

  down { drop_table(:offers) }
end
