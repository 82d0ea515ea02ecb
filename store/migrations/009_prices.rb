# frozen_string_literal: true

# The fitter's own prices and shares, by what they are for.
Sequel.migration do
  up do
    create_table(:prices, strict: true) do
      column :key, :text, primary_key: true
      column :amount, :text, null: false
    end
  end

  down { drop_table(:prices) }
end
