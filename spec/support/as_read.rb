# frozen_string_literal: true

require "digest"
require "nokogiri"
require "tmpdir"

# A page as somebody reads it, in lines of text: its words, where each link and button leads, what stands in each
# field, and a mark of each drawing and of the whole markup, which moves with anything that is not told in words.
#
# Sample:
#
#   the whole: 4be0a6f1c2
#   Size
#   Panel width → /openings/1/slide
#   survey.depth [124] seen [3]
#   drawing "Set in its opening": 77ac01d3e9
class AsRead
  FOLDER = "#{__dir__}/../as_read".freeze
  FOLDERS = %r{#{Regexp.escape(Dir.tmpdir)}/d\d{8}-\d+-\w+} # of examples
  LEFT_OUT = %w[script style template head].freeze
  ALIKE = %w[head skip].freeze # classes
  LINES = %w[p div li tr h1 h2 h3 h4 form details summary section header footer nav main dl dt table fieldset legend
    figure label article aside ul ol button].freeze
  HIDDEN = %w[authenticity_token once seen stage].freeze
  STATES = %w[disabled aria-pressed aria-current aria-label title open placeholder].freeze

  class << self
    # @param path [String] "/openings/1/size?unit=own"
    # @return [String] what its record is called
    def name(path) = "#{(path == "/") ? "first" : path.scan(/[a-z0-9]+/i).join("-")}.txt"

    # What is kept under a name; what is given is kept from now on where records are written anew.
    #
    # @return [String] empty for a name that there is not
    def kept(name, now)
      file = "#{FOLDER}/#{name}"
      File.write(file, now) if ENV["AS_READ"] == "renew"
      File.exist?(file) ? File.read(file) : ""
    end

    # What is not as its record has it, a line each: marks in the order that they are kept in.
    #
    # @param name [String] of the record
    # @param marks [Array<Array(String, String)>] what was looked at and its mark; nil for what no mark was made of now
    # @return [Array<String>]
    def unlike(name, marks)
      told = marks.map { |what, mark| "#{what}: #{mark}\n" }
      before = kept(name, told.join).lines
      return ["#{told.length} in place of #{before.length}", *(told - before).first(5)] if told.length != before.length

      told.zip(before, marks)
        .filter_map { |line, was, (_, mark)| line unless mark ? line == was : was.start_with?(line.chomp) }
    end

    # @return [String] that moves with anything in the text
    def mark(text) = Digest::SHA256.hexdigest(text)[0, 10]

    # @param markup [String] of a whole page
    # @return [String] that moves with anything on it
    def whole(markup) = mark(lasting(markup))

    # @param markup [String] of a whole page
    # @return [AsRead] of it
    def of(markup) = new(lasting(markup))

    private

    # Without what is another each time a page is sent.
    def lasting(markup)
      markup.gsub(/(name="(?:authenticity_token|once)" value=|"X-CSRF-Token": )"[^"]*"/, '\1""')
        .gsub(/(authenticity_token|pass)=[\w%.-]+/, '\1=').gsub(/\?v=\w+/, "").gsub(FOLDERS, "")
    end
  end

  # @return [Nokogiri::HTML5::Document] the page, to be asked and not altered
  attr_reader :document

  # @param markup [String]
  def initialize(markup)
    @markup, @document = markup, Nokogiri::HTML5(markup)
    @lines = [+""]
  end

  # @return [String]
  def to_s
    read(@document.at_css("body"))
    words = @lines.map { |line| line.gsub(/[[:space:]]+/, " ").strip }.reject(&:empty?)
    ["the whole: #{AsRead.mark(@markup)}", *words].join("\n") << "\n"
  end

  private

  def read(node)
    node.children.each do |child|
      if child.text? then @lines.last << child.text
      elsif child.name == "svg" then line("drawing \"#{named(child)}\": #{AsRead.mark(child.to_html)}")
      elsif child.element? && !left_out?(child) then element(child)
      end
    end
  end

  # What nobody reads, and what is alike on every page.
  def left_out?(node) = LEFT_OUT.include?(node.name) || (node.classes & ALIKE).any?

  def element(node)
    own = LINES.include?(node.name)
    @lines << +"" if own
    @lines.last << field(node) << states(node)
    read(node)
    @lines.last << " → #{node["href"] || node["action"]}" if node["href"]
    @lines << +"" if own
  end

  def field(node)
    case node.name
    when "input" then HIDDEN.include?(node["name"]) ? "" : " #{node["name"]} [#{node["value"]}#{ticked(node)}] "
    when "option" then node["selected"] ? " *" : " "
    when "select", "textarea", "button" then " #{node["name"]} "
    else ""
    end
  end

  def ticked(node) = node["checked"] && " ticked"

  def states(node)
    said = STATES.filter_map { |name| node[name] && "#{name}#{"=#{node[name]}" unless node[name].empty?}" }
    said.empty? ? "" : " (#{said.join(", ")}) "
  end

  def named(drawing) = drawing["aria-label"] || drawing.at_css("title, desc")&.text

  def line(text) = @lines.push(+text, +"")
end
