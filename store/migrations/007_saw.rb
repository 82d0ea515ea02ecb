# frozen_string_literal: true

# The saw: what bars there are at what price, the rack of offcuts, and what
# was cut. Lengths are exact millimetres, written as a fraction.
Sequel.migration do
  up do
    create_table(:stock, strict: true) do
      column :material, :text, null: false
      column :length, :text, null: false
      column :price, :text, null: false
      primary_key [:material, :length]
    end

    create_table(:rack, strict: true) do
      primary_key :id
      column :material, :text, null: false
      column :length, :text, null: false
      column :kept_at, :text, null: false
      column :used_at, :text
    end

    create_table(:cuts, strict: true) do
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :restrict
      column :code, :text, null: false
      column :planned, :text, null: false
      column :as_cut, :text, null: false
      column :at, :text, null: false
      primary_key [:opening_id, :code]
    end
  end

  down { drop_table(:cuts, :rack, :stock) }
end
