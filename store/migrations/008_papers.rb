# frozen_string_literal: true

# Which revision of an opening was put on paper last.
Sequel.migration do
  up do
    create_table(:papers, strict: true) do
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :restrict
      column :version, :integer, null: false
      column :at, :text, null: false
      primary_key [:opening_id]
    end
  end

  down { drop_table(:papers) }
end
