# frozen_string_literal: true

require "sqlite3"

# A database that cannot be read or written is said, and nothing looks saved that is not.
RSpec.describe "A database that is kept out" do
  include Site

  let!(:row) { hang }

  # As a page does that was loaded before.
  def typing
    post("/openings/#{row.id}/values", {"key" => "survey.depth", "value" => "128", "seen" => "1", "stage" => "measure",
                                        "authenticity_token" => @token}, {"HTTP_HOST" => Site::HOST,
                                                                          "HTTP_HX_REQUEST" => "true"})
  end

  before do
    look("/")
    @token = page.at_css("input[name=authenticity_token]")["value"]
  end

  it "answers nothing once its file was deleted, or another put in its place" do
    look("/jobs/#{row.job_id}")
    kept = "#{book.file}.kept"
    File.rename(book.file, kept)
    typing
    expect([last_response.status, last_response.body])
      .to match [503, /not the file that was opened.*Nothing was saved/m]
    look("/")
    expect(last_response.status).to eq 503
    FileUtils.cp(kept, book.file)
    look("/")
    expect(last_response.status).to eq 503
    File.rename(kept, book.file)
    look("/")
    expect(last_response).to be_ok
  end

  {SQLite3::BusyException => /Another program holds/, SQLite3::FullException => /disk is full/,
   SQLite3::ReadOnlyException => /read and not written/, SQLite3::CorruptException => /damaged/,
   SQLite3::IOException => /disk does not answer/}.each do |kind, says|
    it "says #{kind.name.split("::").last} in a sentence, and keeps the page's own words from looking saved" do
      allow(book.openings).to receive(:commit)
        .and_raise(Sequel.convert_exception_class(kind.new("x"), Sequel::DatabaseError))
      typing
      expect(last_response.status).to eq 503
      expect(last_response["content-type"]).to start_with("text/plain")
      expect(last_response.body).to match(says).and include("Nothing was saved by this")
    end
  end

  it "says that the disk is full, and takes the same again once there is room" do
    pages = book.db.get(Sequel.lit("page_count FROM pragma_page_count"))
    book.db.run("PRAGMA max_page_count = #{pages}")
    begin
      200.times { |turn| book.jobs.add(name: "Job #{turn} #{"x" * 100}") }
    rescue
      nil
    end
    typing
    expect([last_response.status, last_response.body]).to match [503, /disk is full/]
    book.db.run("PRAGMA max_page_count = 1073741823")
    typing
    expect(saved(row, "survey.depth")).to eq "128"
  end

  it "shows what there is while it cannot be written, and signs nobody in or out by that" do
    book.db[:account_active_session_keys].update(last_use: (Time.now - 3600).utc.iso8601)
    held = SQLite3::Database.new(book.file)
    held.execute("BEGIN IMMEDIATE")
    allow(book.tries).to receive(:wrong).and_raise(Sequel.convert_exception_class(SQLite3::BusyException.new("x"),
      Sequel::DatabaseError))
    book.db.synchronize { |connection| connection.busy_handler_timeout = 50 }
    look("/jobs/#{row.job_id}")
    expect(last_response).to be_ok
    held.execute("ROLLBACK")
    YellowTrack::Web::AccountCommand.give(book, 1, "a pencil behind the ear")
    serve
    look("/account/sign-in")
    token = page.at_css("input[name=authenticity_token]")["value"]
    post("/account/sign-in", {"authenticity_token" => token, "name" => "Runa", "password" => "not the one"},
      {"HTTP_HOST" => Site::HOST})
    expect([last_response.status, last_response.body]).to match [503, /Another program holds/]
  ensure
    held.close
  end

  it "waits for another program that holds it, and says so when it holds too long" do
    stub_const("YellowTrack::Store::Database::BUSY_MS", 100)
    held = SQLite3::Database.new(book.file)
    held.execute("BEGIN IMMEDIATE")
    book.db.disconnect
    typing
    expect([last_response.status, last_response.body]).to match [503, /Another program holds/]
    held.execute("ROLLBACK")
    typing
    expect(last_response).to be_ok
    expect(saved(row, "survey.depth")).to eq "128"
    held.close
  end

  it "makes a backup on its page, and warns where none was made" do
    look("/backups")
    expect(page.text).to include("There is no backup yet")
    send_form("/backups", {})
    look("/backups")
    expect(page.text.gsub(/\s+/, " ")).to include("The last good one was made on")
    expect(YellowTrack::Store::Backups.new(book.file).all.length).to eq 1
  end
end
