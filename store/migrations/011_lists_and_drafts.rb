# frozen_string_literal: true

# Items of a list that last: floor stations and bays keep their name wherever
# they stand. What lists of openings show is kept by the write. A draft belongs
# to whoever typed it, on the version that he saw.
Sequel.migration do
  up do
    alter_table(:openings) do
      add_column :items, :text, null: false, default: "{}" # JSON: names of a list's items, by its key
      add_column :reached, :text # the stage it has come to; these are null until they are worked out
      add_column :sentence, :text # the next thing to do
      add_column :outline, :text # JSON: what its thumbnail draws
      add_column :materials, :text # JSON: what it is cut from
      add_index [:job_id, :position, :id], name: :openings_in_order
    end
    add_index :log_entries, [:opening_id, :kind, :id], name: :log_entries_by_kind
    add_index :log_entries, [:who, :id], name: :log_entries_by_who

    create_table(:drafts_of, strict: true) do
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :cascade
      column :key, :text, null: false
      column :owner, :text, null: false # empty: from before drafts had one
      column :seen, :integer, null: false
      column :unit, :text, null: false
      column :typed, :text, null: false # JSON
      column :says, :text, null: false
      column :clash, :integer, null: false
      primary_key [:opening_id, :key, :owner]
    end
    # A draft of an item goes to the name that the item has now.
    names = {"survey.floor." => "$.survey.floor", "survey.bays." => "$.survey.bays"}.map do |list, path|
      place = "substr(d.key, #{list.length + 1})"
      "WHEN d.key GLOB '#{list}[0-9]*' THEN '#{list}' || CASE WHEN CAST(#{place} AS INTEGER) < " \
        "coalesce(json_array_length(o.document, '#{path}'), 0) THEN 'i' || #{place} ELSE 'new' END"
    end
    run "INSERT OR REPLACE INTO drafts_of " \
        "SELECT d.opening_id, CASE #{names.join(" ")} ELSE d.key END, '', " \
        "o.version, j.units, d.typed, d.says, d.clash " \
        "FROM drafts d JOIN openings o ON o.id = d.opening_id JOIN jobs j ON j.id = o.job_id"
    drop_table(:drafts)
    rename_table(:drafts_of, :drafts)
  end

  down do
    create_table(:drafts_before, strict: true) do
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :cascade
      column :key, :text, null: false
      column :typed, :text, null: false
      column :says, :text, null: false
      column :clash, :integer, null: false
      primary_key [:opening_id, :key]
    end
    run "INSERT OR REPLACE INTO drafts_before SELECT opening_id, key, typed, says, clash FROM drafts"
    drop_table(:drafts)
    rename_table(:drafts_before, :drafts)
    drop_index :log_entries, nil, name: :log_entries_by_kind
    drop_index :log_entries, nil, name: :log_entries_by_who
    alter_table(:openings) do
      drop_index nil, name: :openings_in_order
      %i[items reached sentence outline materials].each { |name| drop_column name }
    end
  end
end
