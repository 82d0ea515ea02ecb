# frozen_string_literal: true

require "tmpdir"

RSpec.describe YellowTrack::Store::Accounts do
  around do |example|
    Dir.mktmpdir do |folder|
      @book = YellowTrack::Store::Book.open("#{folder}/book.sqlite3")
      example.run
      @book.close
    end
  end

  let(:accounts) { @book.accounts }
  let(:id) { accounts.add("Runa") }
  let(:now) { Time.utc(2027, 3, 1, 8) }

  it "knows a name in any case, with any spaces, and however it is put together" do
    accounts.add("Jö  Weir")
    ["jö weir", " JÖ WEIR ", "Jo\u0308 Weir"].each { |name| expect(accounts.named(name)&.name).to eq "Jö Weir" }
    expect { accounts.add("JÖ WEIR") }.to raise_error(Sequel::UniqueConstraintViolation)
  end

  ["", " ", "a", "12", "-- --", "x" * 41].each do |name|
    it "takes #{name[0, 10].inspect} for no name" do
      expect { accounts.add(name) }.to raise_error(YellowTrack::Fault, /no name to be known by/)
      expect(accounts.named(name)).to be_nil
    end
  end

  # A device that is signed in.
  def device(last:)
    @book.db[:account_active_session_keys].insert(account_id: id, session_id: "x", created_at: last.iso8601,
      last_use: last.iso8601)
  end

  it "signs a device out that asked for no page for thirty days, and notes one that did, now and then" do
    device(last: now)
    expect(accounts.signed_in(id, "x", now: now + 60)&.name).to eq "Runa"
    expect(accounts.sessions(id).first.last).to eq now.iso8601
    accounts.signed_in(id, "x", now: now + 3600)
    expect(accounts.sessions(id).first.last).to eq (now + 3600).iso8601
    expect(accounts.signed_in(id, "x", now: now - 86_400)&.name).to eq "Runa"
    expect(accounts.signed_in(id, "x", now: now + 40 * 86_400)).to be_nil
    expect(accounts.sessions(id)).to eq []
  end

  it "has no log of what was done about accounts rewritten" do
    accounts.note("a link was made", by: "Runa")
    expect { @book.db[:crew_log].delete }.to raise_error(Sequel::DatabaseError, /only added to/)
    expect { @book.db[:crew_log].update(who: "Odo") }.to raise_error(Sequel::DatabaseError, /only added to/)
  end
end
