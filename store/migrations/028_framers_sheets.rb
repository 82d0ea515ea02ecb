# frozen_string_literal: true

# Which revision of a planned opening was given to whoever frames it.
Sequel.migration do
  up do
    create_table(:framers_sheets, strict: true) do
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :restrict
      column :version, :integer, null: false
      column :at, :text, null: false
      primary_key [:opening_id]
    end
  end

  down { drop_table(:framers_sheets) }
end
