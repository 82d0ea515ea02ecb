# frozen_string_literal: true

# Openings in the fitter's own order, with notes.
Sequel.migration do
  up do
    alter_table(:openings) do
      add_column :position, :integer, null: false, default: 0
      add_column :notes, :text, null: false, default: ""
    end
    from(:openings).update(position: :id)
  end

  down do
    alter_table(:openings) do
      drop_column :notes
      drop_column :position
    end
  end
end
