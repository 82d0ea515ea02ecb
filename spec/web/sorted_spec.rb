# frozen_string_literal: true

RSpec.describe "Jobs on the first page" do
  include Site

  before do
    %w[Osier Tern Adder].each { |name| book.jobs.add(name:) }
    job = book.jobs.all.find { |one| one.name == "Tern" }
    book.dues.replace("visit", [{day: "2027-01-02", says: {"leave" => "2027-01-02T07:30", "hands" => 1,
                                                           "words" => ["look"],
                                                           "load" => {"parts" => [], "papers" => []}}}], job_id: job.id)
  end

  def names(query = "")
    look("/#{query}")
    page.css(".job-row h2 a").map(&:text)
  end

  it "are sorted by hand, by what is due, or by their name, and shown alone where something is due" do
    expect(names).to eq %w[Osier Tern Adder]
    expect(names("?by=due")).to eq %w[Tern Osier Adder]
    expect(page.css(".sorted a[aria-current]").map(&:text)).to eq ["by what is due"]
    expect(names("?by=name")).to eq %w[Adder Osier Tern]
    expect(names("?only=due")).to eq %w[Tern]
    expect(names("?by=nothing")).to eq %w[Osier Tern Adder]
    expect(page.css(".sorted a").map { |one| one["href"] }).to include("/?by=due", "/?only=due")
  end

  it "say so where nothing is due of any" do
    book.dues.replace("visit", [], job_id: book.jobs.all.find { |one| one.name == "Tern" }.id)
    expect(names("?only=due")).to be_empty
    expect(page.text).to include("Nothing is due of any job.")
  end
end
