# frozen_string_literal: true

# Kit sheets of the fitter's own.
Sequel.migration do
  up do
    create_table(:own_kits, strict: true) do
      column :id, :text, primary_key: true
      column :sheet, :text, null: false
      column :created_at, :text, null: false
      check Sequel.lit("json_valid(sheet)")
    end
  end

  down { drop_table(:own_kits) }
end
