#include "core/backlight/plain.h"

#include <fmt/format.h>
#include <fmt/ranges.h>
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/backlight/limits.h"

namespace dimglow::backlight {

namespace {

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
    const double width = Backlight{.widthMm = d.widthMm}.drawnWidthMm();
    const double height = Backlight{.heightMm = d.heightMm}.drawnHeightMm();
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
        double to = width;
        double y = height * (row + 0.5) / std::max(1, rows);
        if (pairs) {
            const bool right = i % 2 == 1;
            strip.label += right ? "R" : "L";
            strip.leds = right ? d.rightLeds : d.ledsPerStrip;
            const double seam = width * d.ledsPerStrip / (d.ledsPerStrip + d.rightLeds);
            (right ? from : to) = seam;
        } else if (d.edge != PlainDescription::Edge::None) {
            from = width * i / d.strips;
            to = width * (i + 1) / d.strips;
            y = d.edge == PlainDescription::Edge::Bottom ? height - edgeMm : edgeMm;
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

/// Reads a line clause by clause. What is said twice and differently is refused: nobody knows which was meant.
class LineReader {
public:
    explicit LineReader(const PlainDescription& base) : d_(base) {}

    std::variant<PlainDescription, typing::LineProblem> read(std::string_view line, typing::Tongue tongue) {
        if (const auto problem = typing::unreadable(line)) {
            return *problem;
        }
        for (auto& clause : typing::clausesOf(line, tongue)) {
            if (auto problem = readClause(clause)) {
                return *problem;
            }
        }
        return finish(std::string(line.substr(0, 60)));
    }

private:
    /// A clause, or several with spaces between them: the longest front that means something, then what is left.
    std::optional<typing::LineProblem> readClause(typing::Clause& clause) {
        if (means(clause)) {
            return problemOf(clause);
        }
        for (int words = clause.wordCount() - 1; words > 0; --words) {
            auto [front, rest] = clause.cutBehind(words);
            if (means(front)) {
                const auto problem = problemOf(front);
                return problem ? problem : readClause(rest);
            }
        }
        return typing::LineProblem{clause.words(), text::say("is not understood")};
    }
    bool means(typing::Clause& clause) {
        return readStrips(clause) || readStrings(clause) || readElectrics(clause) || readPlaces(clause);
    }
    static std::optional<typing::LineProblem> problemOf(const typing::Clause& clause) {
        return clause.problem().empty() ? std::nullopt
                                        : std::optional(typing::LineProblem{clause.words(), clause.problem()});
    }

    /// Remembers what a clause is about; one that was spoken of before must say the same.
    void about(const char* what, typing::Clause& clause) {
        const auto [said, isNew] = said_.try_emplace(what, clause.words());
        if (!isNew && said->second != clause.words()) {
            clause.refuse(text::say("contradicts \"{}\"", said->second));
        }
    }

    bool readStrips(typing::Clause& clause) {
        if (clause.matches(
                R"((\d+) ?(?:strips?|rows?|bars?)? ?(?:x|of|with|by)(?: each)? ?(\d+)(?: ?\+ ?(\d+))?(?: ?leds?)?(?: each)?)")) {
            about("strips", clause);
            about("leds", clause);
            d_.strips = int(clause.number(1, 1, mostStrips));
            d_.ledsPerStrip = int(clause.number(2, 1, mostLeds));
            d_.rightLeds = clause.has(3) ? int(clause.number(3, 1, mostLeds)) : 0;
            d_.strips *= d_.rightLeds > 0 ? 2 : 1;
            stripsGiven_ = true;
            ledsGiven_ = true;
        } else if (clause.matches(R"((\d+) (?:strips?|rows?|bars?))")) {
            about("strips", clause);
            d_.strips = int(clause.number(1, 1, mostStrips));
            d_.rightLeds = 0;
            stripsGiven_ = true;
        } else if (clause.matches(R"((\d+) ?leds?(?: (?:per|a|each) ?(?:strip|row|bar)?)?)")) {
            about("leds", clause);
            d_.ledsPerStrip = int(clause.number(1, 1, mostLeds));
            ledsGiven_ = true;
        } else if (clause.matches(R"((\d+) ?p|pairs|in pairs)")) {
            about("parallel", clause);
            d_.parallel = clause.has(1) ? int(clause.number(1, 1, 8)) : 2;
        } else if (clause.matches(R"((\d+) (?:series )?chains?)")) {
            about("chains", clause);
            d_.chains = int(clause.number(1, 1, 8));
        } else if (clause.matches(R"((?:bare )?pads)")) {
            about("access", clause);
            d_.access = Access::Pads;
        } else if (clause.matches(R"(under (?:the )?(?:solder )?mask)")) {
            about("access", clause);
            d_.access = Access::Mask;
        } else if (clause.matches(R"(under (?:the )?lens(?:es)?)")) {
            about("access", clause);
            d_.access = Access::Lens;
        } else if (clause.matches(R"((?:plug|connector) (.{1,60}))")) {
            about("plug", clause);
            d_.connector = clause.text(1);
        } else {
            return false;
        }
        return true;
    }

    bool readStrings(typing::Clause& clause) {
        if (clause.matches(R"((?:in )?(?:one|1|a single|single) string|(?:all )?in series)")) {
            about("strings", clause);
            strings_ = 1;
        } else if (clause.matches(R"((\d+) strings( in parallel)?)")) {
            about("strings", clause);
            strings_ = int(clause.number(1, 1, mostStrips));
            if (clause.has(2)) {
                about("perChannel", clause);
            }
            if (clause.has(2) || !said_.contains("perChannel")) {
                d_.stringsPerChannel = clause.has(2) ? strings_ : 1;
            }
        } else if (clause.matches(R"((\d+) strings? (?:per|a|on a|in each) channel)")) {
            about("perChannel", clause);
            d_.stringsPerChannel = int(clause.number(1, 1, mostStrips));
        } else if (clause.matches(R"((?:each )?(\d+) strips? (?:per|a|in each) string)")) {
            about("perString", clause);
            d_.stripsPerString = int(clause.number(1, 1, mostStrips));
            perString_ = true;
        } else if (clause.matches(
                       R"(each (?:strip )?(?:is )?(?:its own|a) string|(?:a|one|1) string (?:per|a) strip)")) {
            about("perString", clause);
            d_.stripsPerString = 1;
            perString_ = true;
        } else if (clause.matches(R"(fed (?:from|of) (?:both|two|2) ends)")) {
            about("strings", clause);
            d_.fedFromBothEnds = true;
        } else {
            return false;
        }
        return true;
    }

    bool readElectrics(typing::Clause& clause) {
        if (clause.matches(R"((\d+(?:\.\d+)?) ?(?:v|volts?)(?: class)?(?: leds?)?(\?| assumed)?)")) {
            about("volts", clause);
            const double value = clause.number(1, 1.5, 60);
            const int dies = std::max(1, int(std::lround(value / classVoltsPerDie)));
            const double rated = std::abs(value - 3 * dies) < 1e-9 ? classVoltsPerDie * dies : value;
            if (fmt::format("{:.6g}", rated) != fmt::format("{:.6g}", d_.led.ratedVolts)) {
                d_.led = classLed(dies, rated, d_.led.ratedAmps);  // another LED than the one that was measured
                d_.ledPoints.clear();
            }
            d_.led.classAssumed = clause.has(2);
        } else if (clause.matches(R"((?:leds? )?rated (\d+(?:\.\d+)?) ?(?:(ma|milliamps?)|a|amps?))")) {
            about("rated", clause);
            d_.led.ratedAmps = amps(clause, 1, 2, 0.001, 5);
        } else if (clause.matches(
                       R"((\d+(?:\.\d+)?) ?(?:(ma|milliamps?)|a|amps?)(?: ?(?:per|a|each) ?(?:string)?)?)")) {
            about("amps", clause);
            d_.amps = amps(clause, 1, 2, 0.001, 20);
        } else if (
            clause.matches(
                R"((?:led\+ )?label(?:led)? (\d+(?:\.\d+)?) ?(?:v|volts?)?|led\+ (\d+(?:\.\d+)?) ?(?:v|volts?))")) {
            about("label", clause);
            labels_ = {{clause.number(clause.has(1) ? 1 : 2, 1, 2000)}};
        } else if (
            clause.matches(
                R"(labels (\d+(?:\.\d+)?|none) ?v? and (\d+(?:\.\d+)?|none)(?: ?v? and (\d+(?:\.\d+)?|none))?(?: ?v? and (\d+(?:\.\d+)?|none))? ?(?:v|volts?)?)")) {
            about("label", clause);
            for (int feed = 1; feed <= int(limits::feeds) && clause.has(feed); ++feed) {
                const bool isNone = clause.text(feed) == "none";
                labels_.push_back({isNone ? std::nullopt : std::optional(clause.number(feed, 1, 2000))});
            }
        } else if (clause.matches(R"((\d+) (?:led\+ )?feeds?)")) {
            about("feeds", clause);
            feeds_ = std::size_t(clause.number(1, 1, double(limits::feeds)));
        } else if (clause.matches(R"((?:led\+ )?idles?(?: at)? (\d+(?:\.\d+)?) ?(?:v|volts?)?)")) {
            about("idle", clause);
            d_.idleVolts = clause.number(1, 0, 500);
        } else {
            return false;
        }
        return true;
    }

    bool readPlaces(typing::Clause& clause) {
        if (clause.matches(R"((?:panel )?(\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?) ?(mm|cm))")) {
            about("size", clause);
            const double unit = clause.text(3) == "cm" ? 10 : 1;
            d_.widthMm = unit * clause.number(1, 10 / unit, 10000 / unit);
            d_.heightMm = unit * clause.number(2, 10 / unit, 10000 / unit);
        } else if (clause.matches(R"((?:led )?pitch (\d+(?:\.\d+)?) ?(?:mm)?)")) {
            about("pitch", clause);
            d_.pitchMm = clause.number(1, 0.1, 1000);
        } else if (clause.matches(R"((?:along the |at the )?(bottom|top)(?: edge)?)")) {
            about("edge", clause);
            d_.edge = clause.text(1) == "top" ? PlainDescription::Edge::Top : PlainDescription::Edge::Bottom;
        } else {
            return false;
        }
        return true;
    }

    /// Amps, from milliamps when group \p milli is there.
    static double amps(typing::Clause& clause, int group, int milli, double least, double most) {
        const double unit = clause.has(milli) ? 1000 : 1;
        return clause.number(group, least * unit, most * unit) / unit;
    }

    std::variant<PlainDescription, typing::LineProblem> finish(const std::string& line) {
        const auto problem = [&](text::Text reason) { return typing::LineProblem{line, std::move(reason)}; };
        if (labels_.size() > 1 && feeds_ > 0 && labels_.size() != feeds_) {
            return problem(text::say("{} labels for {} feeds", labels_.size(), feeds_));
        }
        if (feeds_ > 0 || labels_.size() > 1) {
            d_.feeds.resize(std::max(feeds_, labels_.size()));
        }
        for (std::size_t feed = 0; feed < d_.feeds.size() && !labels_.empty(); ++feed) {
            d_.feeds[feed] = labels_[std::min(feed, labels_.size() - 1)];
        }
        if (!d_.isDescribed && !ledsGiven_) {
            const bool onlyBoard = std::all_of(said_.begin(), said_.end(),
                                               [](const auto& said) { return ofTheBoard.contains(said.first); });
            return onlyBoard ? std::variant<PlainDescription, typing::LineProblem>(d_)
                             : problem(text::say("how many LEDs are there? Write 4 strips × 12"));
        }
        if (!d_.isDescribed) {
            d_.isDescribed = true;
            d_.led.classAssumed = d_.led.classAssumed || !said_.contains("volts");
            d_.strips = stripsGiven_ ? d_.strips : 1;
            stripsGiven_ = true;  // one string unless it says otherwise
        }
        if (strings_ > d_.strips) {
            return problem(text::say("{} strings need at least as many strips; there are {}", strings_, d_.strips));
        }
        if (strings_ > 0 && d_.strips % strings_ != 0) {
            return problem(text::say("{} strips cannot be shared out evenly over {} strings", d_.strips, strings_));
        }
        if (strings_ > 0 && perString_ && strings_ * d_.stripsPerString != d_.strips) {
            return problem(text::say("{} strings of {} are not {} strips", strings_, d_.stripsPerString, d_.strips));
        }
        if (perString_ && d_.stripsPerString > d_.strips) {
            return problem(text::say("there are only {} strips", d_.strips));
        }
        if (strings_ > 0) {
            d_.stripsPerString = d_.strips / strings_;
        } else if (stripsGiven_ && !perString_) {
            d_.stripsPerString = d_.strips;
        }
        d_.stripsPerString = std::min(d_.stripsPerString, d_.strips);
        const auto problems = problemsOf(plainBacklight(d_));
        return problems.empty() ? std::variant<PlainDescription, typing::LineProblem>(d_)
                                : problem(inWords(problems.front()));
    }

    PlainDescription d_;
    std::map<std::string, std::string> said_;  ///< by what it is about, the clause
    std::vector<Feed> labels_;                 ///< one for all feeds, or one each
    std::size_t feeds_ = 0;                    ///< as the line says
    int strings_ = 0;
    bool stripsGiven_ = false;
    bool ledsGiven_ = false;
    bool perString_ = false;
    /// What can be said of a set whose strips nobody has seen.
    inline static const std::set<std::string> ofTheBoard = {"label", "idle", "feeds"};
};

}  // namespace

PlainDescription undescribed(int feeds) {
    PlainDescription standIn;
    standIn.isDescribed = false;
    standIn.feeds.resize(std::size_t(feeds));
    standIn.ledsPerStrip = 24;
    standIn.stripsPerString = 1;
    return standIn;
}

int returnsOf(const std::vector<HarnessPin>& plug) {
    std::set<int> channels;
    int pins = 0;
    for (const auto& pin : plug) {
        if (pin.role == HarnessPin::Role::LedMinus) {
            channels.insert(pin.channel);
            ++pins;
        }
    }
    const bool isTold = pins == 1 || channels.size() > 1;
    return isTold ? *channels.rbegin() + 1 : 0;
}

namespace {

/// Strings of a set whose strips nobody has seen: as many as its plug has returns, at least one an LED+; two on each
/// where nobody has told the plug either. Beyond a few, more of them tell nothing.
int standInStrings(const PlainDescription& d) {
    constexpr int most = 8;
    const int returns = returnsOf(d.harness);
    const int feeds = int(d.feeds.size());
    return returns == 0 ? 2 * feeds : std::clamp(returns, feeds, std::max(feeds, most));
}

void shareOut(Backlight& backlight) {
    for (std::size_t channel = 0; channel < backlight.channels.size(); ++channel) {
        backlight.channels[channel].feed = int(channel * backlight.feeds.size() / backlight.channels.size());
    }
}

}  // namespace

Backlight plainBacklight(const PlainDescription& description) {
    PlainDescription laid = description;
    laid.strips = description.isDescribed ? description.strips : standInStrings(description);
    Backlight backlight;
    backlight.isDescribed = description.isDescribed;
    backlight.widthMm = description.widthMm;
    backlight.heightMm = description.heightMm;
    backlight.driver.idleVolts = description.idleVolts;
    backlight.celsius = description.celsius;
    backlight.harness = description.harness;
    backlight.ledPoints = description.ledPoints;
    backlight.strips = stripsOf(laid);
    for (auto& string : stringsOfPlain(laid)) {
        const bool opensChannel = backlight.channels.empty() || int(backlight.channels.back().strings.size()) >=
                                                                    std::max(1, description.stringsPerChannel);
        if (opensChannel) {
            backlight.channels.push_back({std::to_string(backlight.channels.size() + 1), {}, {}});
        }
        backlight.channels.back().strings.push_back(std::move(string));
        auto& channel = backlight.channels.back();
        channel.amps =
            description.amps ? std::optional(*description.amps * double(channel.strings.size())) : std::nullopt;
    }
    backlight.feeds = description.feeds;
    shareOut(backlight);
    return backlight;
}

namespace {

/// \p backlight, of which nobody has seen the strips, with \p change made to what is known of it.
template <class Change>
Backlight changed(const Backlight& backlight, Change change) {
    auto known = *plainDescriptionOf(backlight);
    change(known);
    Backlight result = plainBacklight(known);
    result.driver = backlight.driver;
    result.ledPoints = backlight.ledPoints;
    return result;
}

}  // namespace

Backlight withPlug(const Backlight& backlight, const std::vector<HarnessPin>& pins) {
    if (!backlight.isDescribed) {
        return changed(backlight, [&](auto& known) { known.harness = pins; });
    }
    Backlight plugged = backlight;
    plugged.harness = pins;
    return plugged;
}

Backlight withFeeds(const Backlight& backlight, int feeds) {
    if (!backlight.isDescribed) {
        return changed(backlight, [&](auto& known) { known.feeds.resize(std::size_t(feeds)); });
    }
    Backlight shared = backlight;
    shared.feeds.resize(std::size_t(feeds));
    shareOut(shared);
    return shared;
}

std::variant<PlainDescription, typing::LineProblem> readLine(std::string_view line, const PlainDescription& base,
                                                             typing::Tongue tongue) {
    return LineReader(base).read(line, tongue);
}

std::string lineOf(const PlainDescription& d) {
    const bool pairs = d.rightLeds > 0;
    std::string line;
    const auto say = [&](bool worth, const std::string& words) {
        line += worth ? (line.empty() ? "" : ", ") + words : "";
    };
    const auto sayOfTheBoard = [&] {
        const auto isLikeTheFirst = [&](const Feed& feed) { return feed == d.feeds.front(); };
        if (std::all_of(d.feeds.begin(), d.feeds.end(), isLikeTheFirst)) {
            const auto& label = d.feeds.front().labelVolts;
            say(d.feeds.size() > 1, fmt::format("{} feeds", d.feeds.size()));
            say(label.has_value(), fmt::format("label {:.6g} V", label.value_or(0)));
        } else {
            std::vector<std::string> labels;
            for (const auto& feed : d.feeds) {
                labels.push_back(feed.labelVolts ? fmt::format("{:.6g}", *feed.labelVolts) : "none");
            }
            say(true, fmt::format("labels {} V", fmt::join(labels, " and ")));
        }
        say(d.idleVolts.has_value(), fmt::format("idle {:.6g} V", d.idleVolts.value_or(0)));
    };
    if (!d.isDescribed) {
        sayOfTheBoard();
        return line;
    }
    say(true, pairs ? fmt::format("{} rows × {} + {}", d.strips / 2, d.ledsPerStrip, d.rightLeds)
                    : fmt::format("{} strip{} × {}", d.strips, d.strips == 1 ? "" : "s", d.ledsPerStrip));
    const bool isClass = std::abs(d.led.ratedVolts - classVoltsPerDie * d.led.dies) < 1e-9;
    say(true, (isClass ? fmt::format("{} V", 3 * d.led.dies) : fmt::format("{:.6g} V", d.led.ratedVolts)) +
                  (d.led.classAssumed ? "?" : ""));
    say(d.led.ratedAmps.has_value(), fmt::format("rated {:.6g} mA", 1000 * d.led.ratedAmps.value_or(0)));
    say(d.amps.has_value(), fmt::format("{:.6g} mA", 1000 * d.amps.value_or(0)));
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
    sayOfTheBoard();
    say(d.pitchMm > 0, fmt::format("pitch {:.6g} mm", d.pitchMm));
    say(d.widthMm && d.heightMm, fmt::format("{:.6g} × {:.6g} mm", d.widthMm.value_or(0), d.heightMm.value_or(0)));
    return line;
}

std::optional<PlainDescription> plainDescriptionOf(const Backlight& backlight) {
    if (!backlight.isDescribed) {
        PlainDescription known = undescribed(int(backlight.feeds.size()));
        known.feeds = backlight.feeds;
        known.idleVolts = backlight.driver.idleVolts;
        known.celsius = backlight.celsius;
        known.harness = backlight.harness;
        return known;
    }
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
    d.amps = channel.stringAmps();
    d.stringsPerChannel = int(channel.strings.size());
    d.stripsPerString = int(string.strips.size());
    d.parallel = first.parallel;
    d.chains = first.chains;
    d.fedFromBothEnds = string.strips.front().last >= 0;
    d.access = first.access;
    d.connector = first.connector;
    d.feeds = backlight.feeds;
    d.idleVolts = backlight.driver.idleVolts;
    d.widthMm = backlight.widthMm;
    d.heightMm = backlight.heightMm;
    d.celsius = backlight.celsius;
    d.harness = backlight.harness;
    d.ledPoints = backlight.ledPoints;
    const auto fits = [&] { return plainBacklight(d) == backlight; };
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
