# frozen_string_literal: true

# Rounds of practice, each with the number that its questions are drawn from, and what was
# answered.
Sequel.migration do
  up do
    create_table(:practice_rounds, strict: true) do
      primary_key :id
      foreign_key :account_id, :accounts, type: :integer, null: false, on_delete: :cascade
      column :drills, :text, null: false # JSON: keys, in turn
      column :seed, :integer, null: false
      column :at, :text, null: false
      index [:account_id, :at]
    end

    create_table(:practice_answers, strict: true) do
      primary_key :id
      foreign_key :round_id, :practice_rounds, type: :integer, null: false, on_delete: :cascade
      column :place, :integer, null: false
      column :try, :integer, null: false
      column :drill, :text, null: false
      column :typed, :text, null: false # JSON: as it was typed, by part
      column :off, :text, null: false # exact mm of the part that is furthest off
      column :points, :text, null: false # exact
      column :at, :text, null: false
      index [:round_id, :place, :try], unique: true
    end
  end

  down { drop_table(:practice_answers, :practice_rounds) }
end
