# frozen_string_literal: true

# The index that everything is searched by: what people typed, kept up by the database
# itself. Its rows are numbered by what they tell of: jobs, openings, entries of the log.
Sequel.migration do
  texts = {
    jobs: [0, "NEW.name || ' ' || NEW.place", nil, "name, place"],
    openings: [1, "NEW.letter || ' ' || NEW.name || ' ' || NEW.notes || ' ' || " \
      "COALESCE(json_extract(NEW.document, '$.service.words'), '')", nil, "letter, name, notes, document"],
    log_entries: [2, "CASE NEW.kind WHEN 'picture' THEN json_extract(NEW.after, '$.caption') " \
      "ELSE json_extract(NEW.after, '$') END",
      "NEW.kind IN ('remark', 'picture', 'correction', 'override')"]
  }

  up do
    run "CREATE VIRTUAL TABLE found USING fts5(text, tokenize = 'trigram')"
    texts.each do |table, (offset, text, only, columns)|
      row = "#{offset} + 3 * NEW.id"
      whole = text.gsub("NEW.", "#{table}.")
      run "INSERT INTO found(rowid, text) SELECT #{row.gsub("NEW.",
        "#{table}.")}, COALESCE(#{whole}, '') FROM #{table}" \
        "#{" WHERE #{only.gsub("NEW.", "#{table}.")}" if only}"
      run "CREATE TRIGGER #{table}_found AFTER INSERT ON #{table} #{"WHEN #{only}" if only} BEGIN " \
        "INSERT INTO found(rowid, text) VALUES (#{row}, COALESCE(#{text}, '')); END"
      next if only

      run "CREATE TRIGGER #{table}_found_anew AFTER UPDATE OF #{columns} ON #{table} BEGIN " \
        "UPDATE found SET text = COALESCE(#{text}, '') WHERE rowid = #{row}; END"
      run "CREATE TRIGGER #{table}_found_no_more AFTER DELETE ON #{table} BEGIN " \
        "DELETE FROM found WHERE rowid = #{offset} + 3 * OLD.id; END"
    end
    run "CREATE INDEX openings_by_kit ON openings(json_extract(document, '$.set.kit')) " \
      "WHERE json_type(document, '$.set.kit') = 'text'"
  end

  down do
    run "DROP INDEX openings_by_kit"
    texts.each do |table, (_, _, only)|
      run "DROP TRIGGER #{table}_found"
      next if only

      run "DROP TRIGGER #{table}_found_anew"
      run "DROP TRIGGER #{table}_found_no_more"
    end
    run "DROP TABLE found"
  end
end
