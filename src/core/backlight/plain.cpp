#include "core/backlight/plain.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <regex>

namespace dimglow::backlight {

namespace {

constexpr double voltsPerDie = 3.1;
constexpr double edgeMm = 8;  ///< from a bar to the panel's edge
constexpr int mostStrips = 200;
constexpr int mostLeds = 1000;

double rounded(double value) {
    return std::round(1e9 * value) / 1e9;
}

std::string rowLabel(int row) {
    return row < 26 ? std::string(1, char('A' + row)) : fmt::format("S{}", row + 1);
}

/// Spreads \p count LEDs over a stretch, or at a pitch about its middle.
void place(Strip& strip, double fromMm, double toMm, double yMm, double pitchMm) {
    const double middle = 0.5 * (fromMm + toMm);
    const double pitch = pitchMm > 0 ? pitchMm : (toMm - fromMm) / strip.leds;
    const double half = 0.5 * pitch * (strip.leds - 1);
    strip.first = {middle - half, yMm};
    strip.last = {middle + half, yMm};
}

std::vector<Strip> stripsOf(const PlainDescription& d) {
    std::vector<Strip> strips;
    const bool pairs = d.rightLeds > 0;
    const int rows = pairs ? d.strips / 2 : d.strips;
    for (int i = 0; i < d.strips; ++i) {
        Strip strip;
        strip.led = d.led;
        strip.parallel = d.parallel;
        strip.chains = d.chains;
        strip.access = d.access;
        strip.connector = d.connector;
        strip.leds = d.ledsPerStrip;
        const int row = pairs ? i / 2 : i;
        strip.label = rowLabel(row);
        double from = 0;
        double to = d.widthMm;
        double y = d.heightMm * (row + 0.5) / std::max(1, rows);
        if (pairs) {
            const bool right = i % 2 == 1;
            strip.label += right ? "R" : "L";
            strip.leds = right ? d.rightLeds : d.ledsPerStrip;
            const double seam = d.widthMm * d.ledsPerStrip / (d.ledsPerStrip + d.rightLeds);
            (right ? from : to) = seam;
        } else if (d.edge != PlainDescription::Edge::None) {
            from = d.widthMm * i / d.strips;
            to = d.widthMm * (i + 1) / d.strips;
            y = d.edge == PlainDescription::Edge::Bottom ? d.heightMm - edgeMm : edgeMm;
        }
        place(strip, from, to, y, d.pitchMm);
        strips.push_back(std::move(strip));
    }
    return strips;
}

/// Strips in the order and direction in which a serpentine passes them.
std::vector<StripInString> serpentine(const PlainDescription& d) {
    std::vector<StripInString> order;
    for (int i = 0; i < d.strips; ++i) {
        if (d.rightLeds > 0) {
            const bool back = (i / 2) % 2 == 1;
            order.push_back({back ? i - i % 2 + (1 - i % 2) : i, back});
        } else {
            order.push_back(
                {i, d.edge == PlainDescription::Edge::None && (i % std::max(1, d.stripsPerString)) % 2 == 1});
        }
    }
    return order;
}

std::vector<String> stringsOfPlain(const PlainDescription& d) {
    std::vector<String> strings;
    if (d.fedFromBothEnds) {
        for (int i = 0; i < d.strips; ++i) {
            const int half = d.ledsPerStrip / 2;
            strings.push_back({{{i, false, 0, half - 1}}});
            strings.push_back({{{i, true, half, d.ledsPerStrip - 1}}});
        }
        return strings;
    }
    const auto order = serpentine(d);
    for (std::size_t i = 0; i < order.size(); ++i) {
        if (i % std::size_t(std::max(1, d.stripsPerString)) == 0) {
            strings.emplace_back();
        }
        strings.back().strips.push_back(order[i]);
    }
    return strings;
}

/// Lower case, "×" as "x", a decimal comma as a point.
std::string plainWords(std::string_view text) {
    std::string words;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text.substr(i, 2) == "\xC3\x97") {
            words += 'x';
            ++i;
        } else if (text[i] == ',' && i > 0 && i + 1 < text.size() &&
                   std::isdigit(static_cast<unsigned char>(text[i - 1])) &&
                   std::isdigit(static_cast<unsigned char>(text[i + 1]))) {
            words += '.';
        } else {
            words += char(std::tolower(static_cast<unsigned char>(text[i])));
        }
    }
    return words;
}

std::vector<std::string> clausesOf(std::string_view line) {
    std::vector<std::string> clauses = {""};
    for (const char c : plainWords(line)) {
        if (c == ',' || c == ';') {
            clauses.emplace_back();
        } else if (c != ' ' || (!clauses.back().empty() && clauses.back().back() != ' ')) {
            clauses.back() += c;
        }
    }
    for (auto& clause : clauses) {
        while (!clause.empty() && clause.back() == ' ') {
            clause.pop_back();
        }
    }
    std::erase(clauses, "");
    return clauses;
}

/// Reads a line clause by clause.
class LineReader {
public:
    explicit LineReader(const PlainDescription& base) : d_(base) {}

    std::variant<PlainDescription, LineProblem> read(std::string_view line) {
        constexpr std::size_t longestLine = 400;
        if (line.size() > longestLine) {
            return LineProblem{std::string(line.substr(0, 20)) + "…", "the line is too long"};
        }
        for (const auto& clause : clausesOf(line)) {
            reason_.clear();
            if (!(readStrips(clause) || readStrings(clause) || readElectrics(clause) || readPlaces(clause))) {
                return LineProblem{clause, reason_.empty() ? "is not understood" : reason_};
            }
            if (!reason_.empty()) {
                return LineProblem{clause, reason_};
            }
        }
        return finish(std::string(line.substr(0, 60)));
    }

private:
    bool match(const std::string& clause, const char* pattern) {
        return std::regex_match(clause, found_, std::regex(pattern));
    }

    /// The n-th number of the last match, checked.
    double number(int group, double least, double most) {
        const double value = std::strtod(found_[group].str().c_str(), nullptr);
        if (!(value >= least && value <= most)) {
            reason_ = fmt::format("{} is outside {} … {}", found_[group].str(), least, most);
        }
        return std::clamp(value, least, most);
    }

    bool readStrips(const std::string& clause) {
        if (match(clause,
                  R"((\d+) ?(?:strips?|rows?|bars?) ?(?:x|of|with) ?(\d+)(?: ?\+ ?(\d+))?(?: leds?)?(?: each)?)")) {
            d_.strips = int(number(1, 1, mostStrips));
            d_.ledsPerStrip = int(number(2, 1, mostLeds));
            d_.rightLeds = found_[3].matched ? int(number(3, 1, mostLeds)) : 0;
            d_.strips *= d_.rightLeds > 0 ? 2 : 1;
            stripsGiven_ = true;
        } else if (match(clause, R"((\d+) ?p|pairs)")) {
            d_.parallel = found_[1].matched ? int(number(1, 1, 8)) : 2;
        } else if (match(clause, R"((\d+) chains?)")) {
            d_.chains = int(number(1, 1, 8));
        } else if (match(clause, R"(bare pads)")) {
            d_.access = Access::Pads;
        } else if (match(clause, R"(under (?:the )?mask)")) {
            d_.access = Access::Mask;
        } else if (match(clause, R"(under (?:the )?lens(?:es)?)")) {
            d_.access = Access::Lens;
        } else if (match(clause, R"(plug (.{1,40}))")) {
            d_.connector = found_[1].str();
        } else {
            return false;
        }
        return true;
    }

    bool readStrings(const std::string& clause) {
        if (match(clause, R"((?:in )?one string|1 string|all in series)")) {
            strings_ = 1;
        } else if (match(clause, R"((\d+) strings( in parallel)?)")) {
            strings_ = int(number(1, 1, mostStrips));
            d_.stringsPerChannel = found_[2].matched ? strings_ : 1;
        } else if (match(clause, R"((\d+) strings per channel)")) {
            d_.stringsPerChannel = int(number(1, 1, mostStrips));
        } else if (match(clause, R"((\d+) strips? per string)")) {
            d_.stripsPerString = int(number(1, 1, mostStrips));
            strings_ = 0;
            perString_ = true;
        } else if (match(clause, R"(each (?:strip )?(?:is )?(?:its own|a) string)")) {
            d_.stripsPerString = 1;
            strings_ = 0;
            perString_ = true;
        } else if (match(clause, R"(fed from (?:both|two) ends)")) {
            d_.fedFromBothEnds = true;
        } else {
            return false;
        }
        return true;
    }

    bool readElectrics(const std::string& clause) {
        const char* volts = R"((\d+(?:\.\d+)?) ?v(?: class)?)";
        if (match(clause, volts)) {
            const double value = number(1, 1.5, 60);
            d_.led.dies = std::max(1, int(std::lround(value / voltsPerDie)));
            const bool isClass = std::abs(value - 3 * d_.led.dies) < 1e-9;
            d_.led.ratedVolts = isClass ? voltsPerDie * d_.led.dies : value;
        } else if (match(clause, R"(rated (\d+(?:\.\d+)?) ?ma)")) {
            d_.led.ratedAmps = number(1, 1, 5000) / 1000;
        } else if (match(clause, R"((\d+(?:\.\d+)?) ?ma(?: per string)?)")) {
            d_.amps = number(1, 1, 20000) / 1000;
        } else if (match(clause, R"(label (\d+(?:\.\d+)?) ?v)")) {
            d_.ledPlusLabel = number(1, 1, 2000);
        } else if (match(clause, R"(idle (\d+(?:\.\d+)?) ?v)")) {
            d_.idleVolts = number(1, 0, 500);
        } else {
            return false;
        }
        return true;
    }

    bool readPlaces(const std::string& clause) {
        if (match(clause, R"((\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?) ?mm)")) {
            d_.widthMm = number(1, 10, 10000);
            d_.heightMm = number(2, 10, 10000);
        } else if (match(clause, R"(pitch (\d+(?:\.\d+)?) ?mm)")) {
            d_.pitchMm = number(1, 0.1, 1000);
        } else if (match(clause, R"((bottom|top) edge)")) {
            d_.edge = found_[1] == "top" ? PlainDescription::Edge::Top : PlainDescription::Edge::Bottom;
        } else {
            return false;
        }
        return true;
    }

    std::variant<PlainDescription, LineProblem> finish(const std::string& line) {
        if (strings_ > d_.strips) {
            return LineProblem{
                line, fmt::format("{} strings need at least as many strips; there are {}", strings_, d_.strips)};
        }
        if (strings_ > 0) {
            d_.stripsPerString = (d_.strips + strings_ - 1) / strings_;
        } else if (stripsGiven_ && !perString_) {
            d_.stripsPerString = d_.strips;
        }
        d_.stripsPerString = std::min(d_.stripsPerString, d_.strips);
        const auto problems = problemsOf(plainBacklight(d_));
        return problems.empty() ? std::variant<PlainDescription, LineProblem>(d_)
                                : std::variant<PlainDescription, LineProblem>(LineProblem{line, problems.front()});
    }

    PlainDescription d_;
    std::smatch found_;
    std::string reason_;
    int strings_ = 0;
    bool stripsGiven_ = false;
    bool perString_ = false;
};

}  // namespace

Backlight plainBacklight(const PlainDescription& description) {
    Backlight backlight;
    backlight.widthMm = description.widthMm;
    backlight.heightMm = description.heightMm;
    backlight.driver.idleVolts = description.idleVolts;
    backlight.ledPlusLabel = description.ledPlusLabel;
    backlight.strips = stripsOf(description);
    for (auto& string : stringsOfPlain(description)) {
        const bool opensChannel = backlight.channels.empty() || int(backlight.channels.back().strings.size()) >=
                                                                    std::max(1, description.stringsPerChannel);
        if (opensChannel) {
            backlight.channels.push_back({std::to_string(backlight.channels.size() + 1), {}, 0});
        }
        backlight.channels.back().strings.push_back(std::move(string));
        backlight.channels.back().amps = description.amps * double(backlight.channels.back().strings.size());
    }
    return backlight;
}

std::variant<PlainDescription, LineProblem> readLine(std::string_view line, const PlainDescription& base) {
    return LineReader(base).read(line);
}

std::string lineOf(const PlainDescription& d) {
    const bool pairs = d.rightLeds > 0;
    std::string line = pairs ? fmt::format("{} rows × {} + {}", d.strips / 2, d.ledsPerStrip, d.rightLeds)
                             : fmt::format("{} strip{} × {}", d.strips, d.strips == 1 ? "" : "s", d.ledsPerStrip);
    const auto say = [&](bool worth, const std::string& words) { line += worth ? ", " + words : ""; };
    const bool isClass = std::abs(d.led.ratedVolts - voltsPerDie * d.led.dies) < 1e-9;
    say(true, isClass ? fmt::format("{} V", 3 * d.led.dies) : fmt::format("{:.6g} V", d.led.ratedVolts));
    say(d.led.ratedAmps != LedSpec{}.ratedAmps, fmt::format("rated {:.6g} mA", 1000 * d.led.ratedAmps));
    say(true, fmt::format("{:.6g} mA", 1000 * d.amps));
    if (!d.fedFromBothEnds) {
        say(true, d.stripsPerString >= d.strips ? "one string"
                  : d.stripsPerString == 1      ? "each its own string"
                                                : fmt::format("{} strips per string", d.stripsPerString));
    }
    say(d.fedFromBothEnds, "fed from both ends");
    say(d.stringsPerChannel > 1, fmt::format("{} strings per channel", d.stringsPerChannel));
    say(d.parallel > 1, fmt::format("{}P", d.parallel));
    say(d.chains > 1, fmt::format("{} chains", d.chains));
    say(d.edge == PlainDescription::Edge::Bottom, "bottom edge");
    say(d.edge == PlainDescription::Edge::Top, "top edge");
    say(d.access == Access::Mask, "under mask");
    say(d.access == Access::Lens, "under lenses");
    say(!d.connector.empty(), "plug " + d.connector);
    say(d.ledPlusLabel.has_value(), fmt::format("label {:.6g} V", d.ledPlusLabel.value_or(0)));
    say(true, fmt::format("idle {:.6g} V", d.idleVolts));
    say(d.pitchMm > 0, fmt::format("pitch {:.6g} mm", d.pitchMm));
    say(true, fmt::format("{:.6g} × {:.6g} mm", d.widthMm, d.heightMm));
    return line;
}

std::optional<PlainDescription> plainDescriptionOf(const Backlight& backlight) {
    if (!problemsOf(backlight).empty()) {
        return std::nullopt;
    }
    const Strip& first = backlight.strips.front();
    const Channel& channel = backlight.channels.front();
    const String& string = channel.strings.front();
    PlainDescription d;
    d.strips = int(backlight.strips.size());
    d.ledsPerStrip = first.leds;
    d.led = first.led;
    d.amps = rounded(channel.amps / double(channel.strings.size()));
    d.stringsPerChannel = int(channel.strings.size());
    d.stripsPerString = int(string.strips.size());
    d.parallel = first.parallel;
    d.chains = first.chains;
    d.fedFromBothEnds = string.strips.front().last >= 0;
    d.access = first.access;
    d.connector = first.connector;
    d.ledPlusLabel = backlight.ledPlusLabel;
    d.idleVolts = backlight.driver.idleVolts;
    d.widthMm = backlight.widthMm;
    d.heightMm = backlight.heightMm;
    const auto fits = [&] {
        const Backlight made = plainBacklight(d);
        return made.strips == backlight.strips && made.channels == backlight.channels && backlight.harness.empty() &&
               made.driver == backlight.driver && backlight.celsius == made.celsius;
    };
    const double span = first.last.x - first.first.x;
    for (const double pitch : {0.0, first.leds > 1 ? rounded(span / (first.leds - 1)) : 0.0}) {
        d.pitchMm = pitch;
        for (const auto edge :
             {PlainDescription::Edge::None, PlainDescription::Edge::Bottom, PlainDescription::Edge::Top}) {
            d.edge = edge;
            for (const int right : {0, d.strips > 1 ? backlight.strips[1].leds : 0}) {
                d.rightLeds = right;
                if (fits()) {
                    return d;
                }
            }
        }
    }
    return std::nullopt;
}

}  // namespace dimglow::backlight
