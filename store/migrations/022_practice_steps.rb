# frozen_string_literal: true

# What was done step by step before a question of practice was answered; rounds that are set
# for the crew; which making of the questions a round stands on.
Sequel.migration do
  up do
    create_table(:practice_steps, strict: true) do
      primary_key :id
      foreign_key :round_id, :practice_rounds, type: :integer, null: false, on_delete: :cascade
      column :place, :integer, null: false
      column :try, :integer, null: false
      column :number, :integer, null: false
      column :step, :text, null: false
      index [:round_id, :place, :try, :number], unique: true
    end

    create_table(:practice_sets, strict: true) do
      primary_key :id
      foreign_key :account_id, :accounts, type: :integer, null: false, on_delete: :cascade
      column :drills, :text, null: false # JSON: keys, in turn
      column :seed, :integer, null: false
      column :version, :integer, null: false
      column :at, :text, null: false
    end

    alter_table(:practice_rounds) do
      add_foreign_key :set_id, :practice_sets, type: :integer, on_delete: :set_null
      add_column :version, :integer, null: false, default: 1
    end
    add_index :practice_rounds, [:set_id, :account_id], unique: true
  end

  down do
    drop_index :practice_rounds, [:set_id, :account_id]
    alter_table(:practice_rounds) do
      drop_foreign_key :set_id
      drop_column :version
    end
    drop_table(:practice_sets, :practice_steps)
  end
end
