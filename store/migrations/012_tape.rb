# frozen_string_literal: true

# What a tape sent, until the pages that listen have had it.
Sequel.migration do
  up do
    create_table(:tape, strict: true) do
      primary_key :id, type: :integer
      column :reading, :text, null: false
      column :at, :text, null: false
    end
  end

  down { drop_table(:tape) }
end
