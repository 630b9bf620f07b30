#include "core/reasoning/probes.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numeric>
#include <set>
#include <span>

#include "core/reasoning/wording.h"

namespace dimglow::reasoning {

using backlight::LedFault;
using backlight::Run;
using knowledge::Form;
using text::say;
using text::Text;

namespace {

constexpr double ignoreShare = 1e-5;
constexpr double leastBitsWorthListing = 0.01;
constexpr std::size_t maxOutcomes = 16;
constexpr double leastShareToBridge = 0.1;
/// To hold a jumper across an LED while the tester is read; the LED itself, which it does not light, needs another
/// minute if it was a good one (common practice, no source).
constexpr double jumperMinutes = 0.25;
constexpr double knownOpenShare = 0.9;
constexpr double severalOpens = 1.2;  ///< open LEDs to be expected in a string
/// Runs that are weighed against each other, those with the most suspicion on them.
constexpr std::size_t mostRuns = 64;
constexpr std::size_t mostExplanations = 2000;
/// To turn to a probe and to write it down, whatever it takes by itself (common practice, no source).
constexpr double changeOverMinutes = 1;
constexpr double leastShareToSwap = 0.1;
constexpr double clearShare = 0.8;  ///< from here an outcome is told by its place, not only by its kind

double entropyTerm(double p) {
    return p > 0 ? -p * std::log2(p) : 0;
}

/// A way a reading may come out, as one kind of fault predicts it.
struct Mode {
    double weight = 1;
    driver::Shape shape = driver::Shape::Steady;
    double volts = 0;
    double sigma = 1;
    int lit = -1;
    const Text* words = nullptr;  ///< of a choice, instead of volts; one for all modes that say the same
};

/// What hypotheses predict of one probe: for each, the modes with their weights.
class Prediction {
public:
    void reserve(std::size_t hypotheses) {
        modes_.reserve(hypotheses);
        firsts_.reserve(hypotheses + 1);
    }
    /// The modes of the next hypothesis.
    void add(std::span<const Mode> modes) {
        modes_.insert(modes_.end(), modes.begin(), modes.end());
        firsts_.push_back(modes_.size());
    }
    void add(const Mode& mode) { add({&mode, 1}); }
    std::size_t size() const { return firsts_.size() - 1; }
    std::span<const Mode> of(std::size_t hypothesis) const {
        return {modes_.data() + firsts_[hypothesis], firsts_[hypothesis + 1] - firsts_[hypothesis]};
    }

private:
    std::vector<Mode> modes_;
    std::vector<std::size_t> firsts_ = {0};
};

struct Bin {
    Mode middle;
    double share = 0;
    std::vector<double> byHypothesis;  ///< P(this bin | hypothesis)
};

bool sameReading(const Mode& a, const Mode& b) {
    constexpr double apart = 2.5;  // sigmas of their difference
    if (a.words != nullptr || b.words != nullptr) {
        return a.words == b.words;
    }
    const bool countApart = a.lit >= 0 && b.lit >= 0 && a.lit != b.lit && std::min(a.lit, b.lit) == 0;
    return a.shape == b.shape && !countApart && std::abs(a.volts - b.volts) < apart * std::hypot(a.sigma, b.sigma);
}

/// Pools modes that a meter cannot tell apart, heaviest first.
std::vector<Bin> pool(const Prediction& prediction, const std::vector<double>& shares) {
    struct Weighted {
        double weight;
        std::size_t hypothesis;
        const Mode* mode;
    };
    std::vector<Weighted> all;
    for (std::size_t h = 0; h < prediction.size(); ++h) {
        for (const auto& mode : prediction.of(h)) {
            all.push_back({shares[h] * mode.weight, h, &mode});
        }
    }
    std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.weight > b.weight; });
    std::vector<Bin> bins;
    for (const auto& item : all) {
        auto bin =
            std::find_if(bins.begin(), bins.end(), [&](const Bin& b) { return sameReading(b.middle, *item.mode); });
        if (bin == bins.end()) {
            if (bins.size() < maxOutcomes) {
                bins.push_back({*item.mode, 0, std::vector<double>(shares.size(), 0)});
                bin = bins.end() - 1;
            } else {
                bin = bins.end() - 1;
            }
        }
        bin->share += item.weight;
        bin->byHypothesis[item.hypothesis] += item.mode->weight;
    }
    return bins;
}

double mutualInformation(const std::vector<Bin>& bins, const std::vector<double>& shares) {
    double bits = 0;
    for (const auto& bin : bins) {
        bits += entropyTerm(bin.share);
        for (std::size_t h = 0; h < shares.size(); ++h) {
            bits -= shares[h] * entropyTerm(bin.byHypothesis[h]);
        }
    }
    return std::max(0.0, bits);
}

Text shapeWords(const Mode& mode) {
    if (mode.words != nullptr) {
        return *mode.words;
    }
    Text words;
    switch (mode.shape) {
        case driver::Shape::Steady:
            words = say("{:.1f} V", mode.volts);
            break;
        case driver::Shape::PeakThenSettles:
            words = say("{:.0f} V, then falls", mode.volts);
            break;
        case driver::Shape::Wanders:
            words = say("wanders up to {:.0f} V", mode.volts);
            break;
    }
    if (mode.lit >= 0) {
        words = text::joined({words, mode.lit == 0 ? say("none lit") : say("{} lit", mode.lit)});
    }
    return words;
}

/// What an LED with a fault, of whatever size, reads on its own.
Mode modeOfCheck(const backlight::LedSpec& spec, const parts::LedCheckSetting& setting, std::optional<LedFault> fault) {
    static const Text overload = say("OL");
    const auto sizes = parts::sizesOf(fault);
    double sum = 0;
    double squares = 0;
    for (const auto& size : sizes) {
        const double volts = parts::forecastOf(spec, setting, fault, size).volts;
        sum += volts;
        squares += volts * volts;
    }
    const auto middle = parts::forecastOf(spec, setting, fault, sizes[sizes.size() / 2]);
    const double mean = sum / double(sizes.size());
    const double spread = std::sqrt(std::max(0.0, squares / double(sizes.size()) - mean * mean));
    const double sigma = std::hypot(parts::ledCheckSigma(middle, false), spread);
    return {1, driver::Shape::Steady, mean, sigma, -1, middle.overload ? &overload : nullptr};
}

/// Hypotheses that a probe cannot tell apart, as one; each has a place among them.
struct Classes {
    std::vector<int> of;  ///< by hypothesis
    std::vector<double> shares;
};

/// Values probes against one belief.
class Ranking {
public:
    Ranking(CaseModel& model, const Belief& belief, const job::Job& job, const std::vector<job::Entry>& standing,
            const std::vector<Run>& untested, const std::optional<evidence::Question>& again, std::size_t most)
        : model_(model),
          belief_(belief),
          job_(job),
          standing_(standing),
          untested_(untested),
          again_(again),
          most_(most) {
        for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
            if (belief.shares[h] > ignoreShare) {
                hypotheses_.push_back(belief.hypotheses[h]);
                titles_.push_back(belief.titleOf[h]);
                shares_.push_back(belief.shares[h]);
            }
        }
        keepLikeliest();
        for (auto& hypothesis : hypotheses_) {
            hypothesis.forecast = model.forecastIndex(hypothesis);
        }
        const double sum = std::accumulate(shares_.begin(), shares_.end(), 0.0);
        for (auto& share : shares_) {
            share /= sum;
        }
        for (const auto& entry : standing) {
            const TestKind* test = model.knowledge().test(evidence::testOf(entry.what));
            reached_ =
                std::holds_alternative<evidence::PointTaken>(entry.what) ? std::max(reached_, Reach::Boards) : reached_;
            reached_ = test == nullptr ? reached_ : std::max(reached_, test->reach);
        }
        reached_ = job.panelOpen ? Reach::Panel : std::min(reached_, Reach::Boards);
        classify();
    }

    RankedProbes run(const std::vector<Run>& all) {
        const auto runs = mostSuspected(all);
        for (const auto& test : model_.knowledge().tests) {
            const bool isOnStrips = test.form == Form::Tester || test.form == Form::Chassis || test.form == Form::Led ||
                                    test.form == Form::Alone;
            if (isOnStrips && !model_.backlight().isDescribed) {
                continue;
            }
            switch (test.form) {
                case Form::Choices:
                    addQuestion(test, evidence::Answer::Question{test.id});
                    break;
                case Form::Light:
                    addQuestion(test, evidence::LightSeen::Question{});
                    break;
                case Form::Volts:
                    for (const auto& asked : evidence::placesOf(test, model_.backlight())) {
                        addQuestion(test, asked);
                    }
                    break;
                case Form::Tester:
                    for (const auto& run : runs) {
                        addTester(test, run, {}, job_.bench.tester);
                    }
                    addBridges(test);
                    addLowCurrents(test);
                    break;
                case Form::Chassis:
                    for (const auto& ref : backlight::stringsOf(model_.backlight())) {
                        addChassis(test, backlight::wholeString(model_.backlight(), ref));
                    }
                    break;
                case Form::Alone:
                    addChecks(test);
                    break;
                case Form::Record:
                    break;
                case Form::Led:
                    for (const auto& run : runsToLookAlong(runs)) {
                        addLook(test, run);
                    }
                    break;
            }
        }
        addPoints();
        RankedProbes probes;
        if (outOfTools_ && (ranked_.empty() || isBetter(*outOfTools_, ranked_.front()))) {
            probes.outOfTools = std::move(outOfTools_->probe);
        }
        for (auto& ranked : ranked_) {
            addOutcomes(ranked);
            probes.best.push_back(std::move(ranked.probe));
        }
        return probes;
    }

private:
    /// LEDs that look wrong along a strip that is lit.
    struct Weak {
        int dark = 0;
        int dim = 0;
        std::vector<backlight::LedPlace> named;  ///< those of them that are told apart; for words, all or none
        bool onlyDim = false;                    ///< the dark ones are known
        auto operator<=>(const Weak&) const = default;
    };

    /// A probe and how it may come out.
    struct Ranked {
        Probe probe;
        std::vector<Bin> bins;
        const Classes* classes = nullptr;
        int due = 0;
        double worth = 0;
    };

    static bool isBetter(const Ranked& a, const Ranked& b) {
        return a.due != b.due ? a.due > b.due : a.worth > b.worth;
    }

    /// Explanations that no question about the set or its boards tells apart: those of one suspect and part. What a
    /// board comes down to counts only where the part is what is replaced.
    void classify() {
        std::map<std::array<int, 3>, int> known;
        const bool countsParts = job_.way.level == job::Way::Level::Component;
        for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
            const auto& own = hypotheses_[h];
            each_.of.push_back(int(h));
            const std::array<int, 3> key = {own.suspect, countsParts ? own.part : -1, countsParts ? own.point : -1};
            const auto [entry, isNew] = known.try_emplace(key, int(known.size()));
            if (isNew) {
                alike_.shares.push_back(0);
                membersOf_.emplace_back();
            }
            alike_.of.push_back(entry->second);
            alike_.shares[std::size_t(entry->second)] += shares_[h];
            auto& members = membersOf_[std::size_t(entry->second)];
            const auto same = std::find_if(members.begin(), members.end(), [&](const auto& member) {
                return hypotheses_[member.first].part == own.part && hypotheses_[member.first].point == own.point;
            });
            if (same == members.end()) {
                members.emplace_back(h, shares_[h]);
            } else {
                same->second += shares_[h];
            }
        }
        each_.shares = shares_;
    }

    /// What a probe is worth: information per minute; of a swap that comes first, the chance that it mends the set per
    /// what it costs (Heckerman, Breese and Rommelse, "Decision-theoretic troubleshooting", CACM 38(3), 1995), well
    /// before anything that is to be measured.
    double worth(const Probe& probe) const {
        constexpr double beforeMeasuring = 1000;
        const auto* test = model_.knowledge().test(probe.test);
        if (job_.way.first == job::Way::First::Swap && test != nullptr && !test->swaps.empty()) {
            const double mends = unitShare(test->swaps);
            const double cost = probe.minutes * job_.bench.ratePerHour / 60 + (1 - mends) * job_.bench.restockingFee;
            return mends > leastShareToSwap ? beforeMeasuring * mends / cost : 0;
        }
        return probe.bits / (probe.minutes + changeOverMinutes);
    }

    double unitShare(const std::string& unit) const {
        double share = 0;
        for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
            const auto& suspect = model_.knowledge().suspects[std::size_t(hypotheses_[h].suspect)];
            share += model_.unitOf(suspect) == unit ? shares_[h] : 0;
        }
        return share;
    }

    /// Of very many explanations the likeliest: what the others would change is lost in rounding.
    void keepLikeliest() {
        if (shares_.size() <= mostExplanations) {
            return;
        }
        std::vector<std::size_t> order(shares_.size());
        std::iota(order.begin(), order.end(), 0);
        std::nth_element(order.begin(), order.begin() + mostExplanations, order.end(),
                         [&](std::size_t a, std::size_t b) { return shares_[a] > shares_[b]; });
        order.resize(mostExplanations);
        std::sort(order.begin(), order.end());
        for (std::size_t i = 0; i < order.size(); ++i) {
            hypotheses_[i] = hypotheses_[order[i]];
            titles_[i] = titles_[order[i]];
            shares_[i] = shares_[order[i]];
        }
        hypotheses_.resize(mostExplanations);
        titles_.resize(mostExplanations);
        shares_.resize(mostExplanations);
    }

    /// The runs with the most suspicion on them, when there are too many to weigh.
    std::vector<Run> mostSuspected(const std::vector<Run>& all) const {
        if (all.size() <= mostRuns) {
            return all;
        }
        const auto& cells = model_.partition().cells();
        std::vector<double> suspicion(cells.size(), 0);
        for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
            for (const auto& fault : hypotheses_[h].faults) {
                if (const auto* leds = faults::asLeds(fault)) {
                    suspicion[std::size_t(leds->cell)] += shares_[h] * leds->count;
                }
            }
        }
        std::vector<std::pair<double, std::size_t>> order;
        for (std::size_t r = 0; r < all.size(); ++r) {
            double weight = isUntested(all[r]) ? 1 : 0;
            for (std::size_t c = 0; c < cells.size(); ++c) {
                weight += locate::inside(cells[c], all[r]) ? suspicion[c] : 0;
            }
            order.emplace_back(-weight, r);
        }
        std::partial_sort(order.begin(), order.begin() + mostRuns, order.end());
        std::vector<Run> runs;
        for (std::size_t i = 0; i < mostRuns; ++i) {
            runs.push_back(all[order[i].second]);
        }
        return runs;
    }

    bool isUntested(const Run& run) const {
        return std::find(untested_.begin(), untested_.end(), run) != untested_.end();
    }

    /// Whether a probe comes before what tells more: a doubtful reading taken again, then a strip's minute on the
    /// tester while the panel is open.
    int due(const Probe& probe) const {
        if (again_ == probe.question) {
            return 2;
        }
        const auto* asked = std::get_if<evidence::TesterTaken::Question>(&probe.question);
        return asked != nullptr && asked->minus == backlight::TesterProbe::Minus::EndOfRun && asked->bridged.empty() &&
                       isUntested(asked->run)
                   ? 1
                   : 0;
    }

    /// Whether it has an answer, or cannot be reached.
    bool answered(const TestKind& test, const evidence::Question& question) const {
        const auto missed = evidence::questionOf(evidence::notReached(test.id, question));
        return again_ != question && std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
                   const auto asked = evidence::questionOf(e.what);
                   return asked == question || asked == missed;
               });
    }

    Probe start(const TestKind& test, const evidence::Question& question) const {
        Probe probe;
        probe.test = test.id;
        probe.question = question;
        probe.title = test.title;
        probe.how = test.how;
        probe.station = test.station;
        probe.live = test.live;
        const bool isBought = job_.way.first == job::Way::First::Swap && !test.swaps.empty();  // and sent back
        probe.tools = isBought ? std::vector<std::string>() : test.tools;
        probe.minutes = test.minutes;
        if (test.reach > reached_) {
            probe.opens = test.reach;
            probe.minutes +=
                test.reach == Reach::Panel ? model_.knowledge().openPanelMinutes : model_.knowledge().openBoardsMinutes;
        }
        return probe;
    }

    std::vector<Mode> modesOf(const TestKind& test, const evidence::Question& question, const Hypothesis& hypothesis) {
        std::vector<Mode> modes;
        if (test.form == Form::Light) {
            const auto& light = model_.forecastOf(hypothesis).light;
            static const Text never = say("no light");
            static const Text flash = say("flash, then dark");
            static const Text stays = say("stays lit");
            modes = {{light.never, {}, 0, 1, -1, &never},
                     {light.flashThenDark, {}, 0, 1, -1, &flash},
                     {light.staysLit, {}, 0, 1, -1, &stays}};
        } else {
            const auto& asked = std::get<evidence::VoltsAsked>(question);
            const auto& modesOfVolts = *model_.forecastOf(hypothesis).of(test.id, {asked.channel, asked.feed});
            for (const auto& mode : inVolts(modesOfVolts, model_.learntUnder(hypothesis.forecast).known())) {
                constexpr double nearNothing = 1;  // V: it has no shape that anyone would write down
                const auto shape = mode.volts < nearNothing ? driver::Shape::Steady : mode.shape;
                modes.push_back({mode.weight, shape, mode.volts, mode.voltsSigma, -1});
            }
        }
        return modes;
    }

    void addQuestion(const TestKind& test, const evidence::Question& question) {
        const auto light = job::lightSeen(standing_);
        const bool isTooDark = test.needsLight && light.value_or(driver::Light::Never) == driver::Light::Never;
        const bool isTooBright = test.needsDark && light != driver::Light::Never;
        if (answered(test, question) || isTooDark || isTooBright) {
            return;
        }
        Probe probe = start(test, question);
        if (const auto* asked = std::get_if<evidence::VoltsAsked>(&question)) {
            probe.title = evidence::titleOfVolts(*asked, {model_.set(), model_.knowledge()});
        }
        Prediction prediction;
        if (test.form == Form::Choices) {
            std::vector<const Text*> words;
            for (const auto& choice : test.choices) {
                words.push_back(&choice.title);
            }
            finish(std::move(probe),
                   alike(words,
                         [&](const Explained& explained, std::size_t choice) {
                             return explained.answerShare(test.id, test.choices[choice].id).value_or(0);
                         }),
                   alike_);
            return;
        }
        prediction.reserve(hypotheses_.size());
        for (const auto& hypothesis : hypotheses_) {
            prediction.add(modesOf(test, question, hypothesis));
        }
        finish(std::move(probe), prediction, each_);
    }

    /// What classes of explanations say of a question with a few answers.
    template <class ShareOf>
    Prediction alike(const std::vector<const Text*>& words, ShareOf shareOf) {
        Prediction prediction;
        prediction.reserve(membersOf_.size());
        std::vector<Mode> modes(words.size());
        for (std::size_t c = 0; c < membersOf_.size(); ++c) {
            for (std::size_t choice = 0; choice < words.size(); ++choice) {
                modes[choice] = {0, {}, 0, 1, -1, words[choice]};
            }
            for (const auto& [member, share] : membersOf_[c]) {
                const Explained explained(model_, hypotheses_[member], std::nullopt);
                for (std::size_t choice = 0; choice < words.size(); ++choice) {
                    modes[choice].weight += shareOf(explained, choice) * share / alike_.shares[c];
                }
            }
            prediction.add(modes);
        }
        return prediction;
    }

    /// Parts, rails and pins of the boards; one that nobody has written down yet goes by its letter.
    void addPoints() {
        static const std::vector<Text> grades = {parts::wordsOf(parts::Grade::Good),
                                                 parts::wordsOf(parts::Grade::Doubtful),
                                                 parts::wordsOf(parts::Grade::Bad)};
        std::vector<const Text*> words;
        for (const auto& grade : grades) {
            words.push_back(&grade);
        }
        const auto& trade = model_.knowledge();
        const auto& set = trade.setKind(model_.set().kind);
        for (int kind = 0; kind < int(trade.points.size()); ++kind) {
            const auto& point = trade.points[std::size_t(kind)];
            if (!set.has(point.block)) {
                continue;
            }
            std::vector<std::string> refs;
            for (const int written : model_.pointsOf(kind)) {
                refs.push_back(model_.set().points[std::size_t(written)].ref);
            }
            if (refs.empty()) {
                refs.push_back(point.letter);
            }
            for (const auto& ref : refs) {
                addPoint(point, {point.id, ref}, words);
            }
        }
    }

    void addPoint(const knowledge::PointKind& point, const evidence::PointAsked& asked,
                  const std::vector<const Text*>& grades) {
        const evidence::Question question(asked);
        const auto missed = evidence::questionOf(evidence::notReached(point.id, question));
        const bool isAnswered = std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
            const auto known = evidence::questionOf(e.what);
            return known == question || known == missed;
        });
        if (isAnswered && again_ != question) {
            return;
        }
        Probe probe;
        probe.test = point.id;
        probe.question = question;
        probe.title = evidence::titleOfPoint(asked, {model_.set(), model_.knowledge()});
        probe.how = point.how;
        probe.station = "board";
        probe.live = point.live;
        probe.tools = point.tools;
        probe.minutes = point.minutes;
        if (reached_ < Reach::Boards) {
            probe.opens = Reach::Boards;
            probe.minutes += model_.knowledge().openBoardsMinutes;
        }
        finish(std::move(probe),
               alike(grades,
                     [&](const Explained& explained, std::size_t grade) {
                         return explained.gradeShares(asked).value_or(knowledge::GradeShares{})[grade];
                     }),
               alike_);
    }

    /// What a run reads at a third of the current: the volts of a resistance fall with it, those of LEDs hardly.
    void addLowCurrents(const TestKind& test) {
        constexpr double leastShare = 0.02;
        double suspected = 0;
        for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
            suspected += isOfUnknownSize(hypotheses_[h].faults) ? shares_[h] : 0;
        }
        const auto& usual = job_.bench.tester;
        const backlight::TesterSetting low{std::ceil(1000 * usual.amps / 3) / 1000, usual.limitVolts};
        for (const auto& entry : standing_) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            const bool isLit = taken != nullptr && taken->volts && taken->lit.value_or(1) > 0;
            if (suspected > leastShare && isLit && taken->setting == usual && taken->bridged.empty() &&
                taken->minus == backlight::TesterProbe::Minus::EndOfRun && low.amps < usual.amps) {
                addTester(test, taken->run, {}, low);
            }
        }
    }

    void addTester(const TestKind& test, const Run& run, const std::vector<backlight::LedPlace>& bridged,
                   const backlight::TesterSetting& setting) {
        const auto& panel = model_.backlight();
        const evidence::TesterTaken::Question question{run, setting, {}, bridged};
        if (answered(test, question)) {
            return;
        }
        const bool whole = run == backlight::wholeString(panel, run.string);
        Probe probe = start(test, question);
        if (whole && bridged.empty() && probe.opens == Reach::Panel) {
            probe.opens = reached_ < Reach::Boards ? Reach::Boards : Reach::Outside;
            probe.minutes = test.minutes + (reached_ < Reach::Boards ? model_.knowledge().openBoardsMinutes : 0);
        }
        const Text name = nameOf(panel, run);
        probe.title = !bridged.empty() ? say("Bridge {}, tester on {}", evidence::namesOf(panel, bridged), name)
                      : setting != job_.bench.tester ? say("Tester at {:.0f} mA, {}", 1000 * setting.amps, name)
                      : whole                        ? say("Tester at the plug, {}", name)
                                                     : say("Tester on {}", name);
        probe.minutes += accessMinutes(run);
        for (const auto& place : bridged) {
            probe.minutes += 2 * padMinutes(place.strip) + jumperMinutes;
        }
        probe.how = say("Tester {:.0f} mA, limit {:.0f} V; plus on {}, minus after {}.", 1000 * setting.amps,
                        setting.limitVolts, ledName(run, run.first), ledName(run, run.last));
        Prediction prediction;
        prediction.reserve(hypotheses_.size());
        for (const auto& hypothesis : hypotheses_) {
            const auto f = Explained(model_, hypothesis, std::nullopt).tester(question.probe());
            prediction.add({1, driver::Shape::Steady, f.volts, f.sigma, f.lit});
        }
        finish(std::move(probe), prediction, each_);
    }

    /// Jumpers across the LEDs of a strip that are known to be open, to see whether the rest lights; and one more
    /// across a LED that may be, when few are left.
    void addBridges(const TestKind& test) {
        const auto& cells = model_.partition().cells();
        std::vector<double> open(cells.size(), 0);
        for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
            for (const auto& fault : hypotheses_[h].faults) {
                const auto* leds = faults::asLeds(fault);
                if (leds != nullptr && leds->fault == LedFault::Open) {
                    open[leds->cell] += shares_[h];
                }
            }
        }
        for (const auto& ref : backlight::stringsOf(model_.backlight())) {
            for (const auto& part : backlight::partsOf(model_.backlight(), ref)) {
                std::vector<backlight::LedPlace> known;
                std::vector<backlight::LedPlace> doubtful;
                for (std::size_t c = 0; c < cells.size(); ++c) {
                    if (cells[c].positions.size() == 1 && locate::inside(cells[c], part) &&
                        open[c] > leastShareToBridge) {
                        (open[c] > knownOpenShare ? known : doubtful)
                            .push_back(model_.partition().placeOf(cells[c], cells[c].positions.front()));
                    }
                }
                if (!known.empty()) {
                    addTester(test, part, known, job_.bench.tester);
                }
                for (const auto& place : doubtful) {
                    known.push_back(place);
                    addTester(test, part, known, job_.bench.tester);
                    known.pop_back();
                }
            }
        }
    }

    void addChassis(const TestKind& test, const Run& run) {
        const auto& setting = job_.bench.tester;
        const evidence::TesterTaken::Question question{run, setting, backlight::TesterProbe::Minus::Chassis, {}};
        if (answered(test, question)) {
            return;
        }
        Probe probe = start(test, question);
        probe.title = say("Tester to the chassis, {}", nameOf(model_.backlight(), run));
        Prediction prediction;
        prediction.reserve(hypotheses_.size());
        for (const auto& hypothesis : hypotheses_) {
            const auto f = Explained(model_, hypothesis, std::nullopt).tester(question.probe());
            prediction.add({1, driver::Shape::Steady, f.volts, f.sigma, f.lit});
        }
        finish(std::move(probe), prediction, each_);
    }

    /// A dim or tinted LED on its own in a meter's diode mode: what flows beside a leaky one's junction takes all of so
    /// small a current, an aged one reads as a good one does.
    void addChecks(const TestKind& test) {
        const parts::LedCheckSetting diodeMode{parts::LedMethod::DiodeMode, 3.2};
        for (const auto& entry : standing_) {
            const auto* seen = std::get_if<evidence::LedSeen>(&entry.what);
            using Glow = evidence::LedSeen::Glow;
            if (seen == nullptr || seen->glow == Glow::Lit || seen->glow == Glow::Dark) {
                continue;
            }
            const auto place = seen->place;
            const evidence::Question question = evidence::LedChecked::Question{place, diodeMode};
            const bool isChecked = std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
                const auto* check = std::get_if<evidence::LedChecked>(&e.what);
                return check != nullptr && check->place == place;
            });
            if ((isChecked && again_ != question) || answered(test, question)) {
                continue;
            }
            Probe probe = start(test, question);
            probe.title = say("{} on its own", nameOf(model_.backlight(), place));
            probe.how = say("A meter in diode mode across {}, its strip unplugged; does it glow?",
                            nameOf(model_.backlight(), place));
            probe.minutes += 2 * padMinutes(place.strip);
            finish(std::move(probe), checked(place, diodeMode), each_);
        }
    }

    Prediction checked(backlight::LedPlace place, const parts::LedCheckSetting& setting) const {
        const auto& spec = model_.backlight().strips[std::size_t(place.strip)].led;
        std::array<Mode, backlight::ledFaultKinds + 1> byFault;  // a good one at the end
        for (std::size_t kind = 0; kind < byFault.size(); ++kind) {
            const bool isGood = kind + 1 == byFault.size();
            byFault[kind] = modeOfCheck(spec, setting, isGood ? std::nullopt : std::optional(LedFault(kind)));
        }
        Prediction prediction;
        prediction.reserve(hypotheses_.size());
        for (const auto& hypothesis : hypotheses_) {
            const auto shares = Explained(model_, hypothesis, std::nullopt).faultShares(place);
            auto modes = byFault;
            for (std::size_t kind = 0; kind < shares.size(); ++kind) {
                modes[kind].weight = shares[kind];
            }
            modes.back().weight = std::max(0.0, 1 - std::accumulate(shares.begin(), shares.end(), 0.0));
            prediction.add(modes);
        }
        return prediction;
    }

    /// Looking along a strip that conducts shows which LEDs stay dark or dim: one outcome for every set of LEDs. Of a
    /// strip whose lit LEDs the tester has counted, only dim ones are left to look for.
    void addLook(const TestKind& test, const Run& run) {
        constexpr double worthLooking = 0.02;
        const auto& cells = model_.partition().cells();
        const bool counted = isCounted(run);
        double placeBits = 0;
        double weakShare = 0;
        Prediction prediction;
        prediction.reserve(hypotheses_.size());
        for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
            const bool flows =
                model_.tester({run, {job_.bench.tester.amps, backlight::ceilingVolts}}, hypotheses_[h]).conducts;
            Weak weak;
            weak.onlyDim = counted;
            double choices = 0;
            for (const auto& fault : hypotheses_[h].faults) {
                if (!flows || faults::asLeds(fault) == nullptr) {
                    continue;
                }
                const auto& f = *faults::asLeds(fault);
                const bool isSeen = !counted || backlight::isDim(f.fault);
                if (isSeen && locate::inside(cells[f.cell], run) && !alreadyLookedAt(f.cell)) {
                    (backlight::isDim(f.fault) ? weak.dim : weak.dark) += f.count;
                    choices += f.count * std::log2(double(cells[f.cell].positions.size()) / f.count);
                    if (cells[f.cell].positions.size() == 1) {
                        weak.named.push_back(
                            model_.partition().placeOf(cells[f.cell], cells[f.cell].positions.front()));
                    }
                }
            }
            placeBits += shares_[h] * choices;
            weakShare += weak.dark + weak.dim > 0 ? shares_[h] : 0;
            prediction.add({1, {}, 0, 1, -1, &wordsOfLook(flows, std::move(weak))});
        }
        if (weakShare < worthLooking) {
            return;
        }
        Probe probe = start(test, evidence::LookAlong{run});
        probe.title = say("Look along {}", nameOf(model_.backlight(), run));
        probe.minutes += accessMinutes(run);
        finish(std::move(probe), prediction, each_, placeBits);
    }

    /// One text for all looks that show the same.
    const Text& wordsOfLook(bool flows, Weak weak) {
        const int count = weak.dark + weak.dim;
        if (count > int(weak.named.size())) {
            weak.named.clear();
        }
        auto& words = looks_[flows ? std::optional(weak) : std::nullopt];
        if (words.empty()) {
            using Glow = evidence::LedSeen::Glow;
            const Text glow = weak.dim == 0    ? wordsOf(Glow::Dark)
                              : weak.dark == 0 ? wordsOf(Glow::Dim)
                                               : say("dark or dim");
            words = !flows               ? say("none lit")
                    : count == 0         ? (weak.onlyDim ? say("none dim") : say("all lit"))
                    : weak.named.empty() ? say("{} {}", count, glow)
                                         : say("{} {}", evidence::namesOf(model_.backlight(), weak.named), glow);
        }
        return words;
    }

    /// The tester's count of what is lit leaves nothing dark to look for: all of it, or as many are marked dark as it
    /// misses.
    bool isCounted(const Run& run) const {
        return std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&e.what);
            if (taken == nullptr || taken->run != run || taken->lit.value_or(0) == 0 || !taken->bridged.empty()) {
                return false;
            }
            const auto order = backlight::ledsInOrder(model_.backlight(), run.string);
            const auto* last = order.data() + run.last + 1;
            const auto marked = std::count_if(standing_.begin(), standing_.end(), [&](const auto& other) {
                const auto* seen = std::get_if<evidence::LedSeen>(&other.what);
                return seen != nullptr && seen->glow != evidence::LedSeen::Glow::Lit &&
                       (seen->under == run || wasLit(seen->under)) &&
                       std::find(order.data() + run.first, last, seen->place) != last;
            });
            return int(marked) >= run.count() - *taken->lit;
        });
    }

    /// Every strip, and the runs that could be tested within one.
    std::vector<Run> runsToLookAlong(const std::vector<Run>& testable) const {
        std::vector<Run> runs;
        for (const auto& ref : backlight::stringsOf(model_.backlight())) {
            const auto parts = backlight::partsOf(model_.backlight(), ref);
            runs.insert(runs.end(), parts.begin(), parts.end());
            for (const auto& run : testable) {
                const bool within = std::any_of(parts.begin(), parts.end(), [&](const Run& part) {
                    return run.string == ref && run != part && part.contains(run.first) && part.contains(run.last);
                });
                if (within && run.count() > 1) {
                    runs.push_back(run);
                }
            }
        }
        return runs;
    }

    /// Looked at while its run was lit: on a dark run every LED is dark.
    bool alreadyLookedAt(int cell) const {
        const auto& positions = model_.partition().cells()[cell].positions;
        const auto place = model_.partition().placeOf(model_.partition().cells()[cell], positions.front());
        return positions.size() == 1 && std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
                   const auto* seen = std::get_if<evidence::LedSeen>(&e.what);
                   return seen != nullptr && seen->place == place && wasLit(seen->under);
               });
    }

    bool wasLit(const Run& run) const {
        return std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
            const auto* seen = std::get_if<evidence::LedSeen>(&e.what);
            return seen != nullptr && seen->under == run && seen->glow != evidence::LedSeen::Glow::Dark;
        });
    }

    double padMinutes(int strip) const {
        switch (model_.backlight().strips[strip].access) {
            case backlight::Access::Pads:
                return model_.knowledge().padProbeMinutes;
            case backlight::Access::Mask:
                return model_.knowledge().maskProbeMinutes;
            case backlight::Access::Lens:
                break;
        }
        return model_.knowledge().lensProbeMinutes;
    }

    /// What it costs to put both clips to the ends of a run: a plug is free, copper between LEDs is not. A point that
    /// was laid bare for an earlier reading stays bare.
    double accessMinutes(const Run& run) const {
        const auto order = backlight::ledsInOrder(model_.backlight(), run.string);
        const auto parts = backlight::partsOf(model_.backlight(), run.string);
        const auto isPlug = [&](int before) {
            return std::any_of(parts.begin(), parts.end(),
                               [&](const Run& p) { return before == p.first || before == p.last + 1; });
        };
        const auto isBare = [&](int before) {
            return std::any_of(standing_.begin(), standing_.end(), [&](const auto& e) {
                const auto* taken = std::get_if<evidence::TesterTaken>(&e.what);
                return taken != nullptr && taken->run.string == run.string &&
                       (taken->run.first == before || taken->run.last + 1 == before);
            });
        };
        double minutes = 0;
        for (const int before : {run.first, run.last + 1}) {
            const int strip = order[std::min(before, int(order.size()) - 1)].strip;
            minutes += isPlug(before)   ? model_.knowledge().plugProbeMinutes
                       : isBare(before) ? std::min(padMinutes(strip), model_.knowledge().padProbeMinutes)
                                        : padMinutes(strip);
        }
        return minutes;
    }

    std::string ledName(const Run& run, int position) const {
        return nameOf(model_.backlight(), backlight::ledsInOrder(model_.backlight(), run.string)[position]);
    }

    void finish(Probe probe, const Prediction& prediction, const Classes& classes, double extraBits = 0) {
        model_.checkStop();
        auto bins = pool(prediction, classes.shares);
        probe.bits = mutualInformation(bins, classes.shares) + extraBits;
        const int isDue = due(probe);
        if (probe.bits < leastBitsWorthListing && isDue == 0) {
            return;
        }
        Ranked ranked{std::move(probe), std::move(bins), &classes, isDue, 0};
        ranked.worth = worth(ranked.probe);
        if (!job::hasAll(job_.bench, ranked.probe.tools)) {
            if (!outOfTools_ || isBetter(ranked, *outOfTools_)) {
                outOfTools_ = std::move(ranked);
            }
            return;
        }
        const auto at =
            std::find_if(ranked_.begin(), ranked_.end(), [&](const Ranked& other) { return isBetter(ranked, other); });
        if (at != ranked_.end() || ranked_.size() < most_) {
            ranked_.insert(at, std::move(ranked));
        }
        if (ranked_.size() > most_) {
            ranked_.pop_back();
        }
    }

    /// What each outcome would mean, most likely first.
    void addOutcomes(Ranked& ranked) const {
        for (const auto& bin : ranked.bins) {
            if (bin.share > 0.01) {
                ranked.probe.outcomes.push_back({shapeWords(bin.middle), meaningOf(bin, *ranked.classes), bin.share});
            }
        }
        std::stable_sort(ranked.probe.outcomes.begin(), ranked.probe.outcomes.end(),
                         [](const auto& a, const auto& b) { return a.share > b.share; });
    }

    /// What would be believed after this outcome, in a few words.
    Text meaningOf(const Bin& bin, const Classes& classes) const {
        std::vector<double> byTitle(belief_.titles.size(), 0);
        std::vector<double> byKind(model_.knowledge().suspects.size(), 0);
        std::vector<double> byKindNow(byKind);
        std::vector<double> after(shares_.size());
        for (std::size_t h = 0; h < shares_.size(); ++h) {
            after[h] = shares_[h] * bin.byHypothesis[std::size_t(classes.of[h])] / bin.share;
            byTitle[titles_[h]] += after[h];
            byKind[hypotheses_[h].suspect] += after[h];
            byKindNow[hypotheses_[h].suspect] += shares_[h];
        }
        if (auto narrowed = narrowestRun(after); !narrowed.empty()) {
            return narrowed;
        }
        if (auto part = likeliestPart(after); !part.empty()) {
            return part;
        }
        const auto title = std::max_element(byTitle.begin(), byTitle.end());
        const auto& titleWords = belief_.titles[std::size_t(title - byTitle.begin())];
        if (*title > clearShare) {
            return titleWords;
        }
        const auto kind = std::max_element(byKind.begin(), byKind.end());
        if (byKindNow[std::size_t(kind - byKind.begin())] > clearShare) {
            return say("{} ({:.0f} %)", titleWords, 100 * *title);  // the kind is no news
        }
        return say("{} ({:.0f} %)", model_.knowledge().suspects[std::size_t(kind - byKind.begin())].title, 100 * *kind);
    }

    /// "Output diode D8 (62 %)" where the part is what is replaced, and a suspect comes down to several; empty
    /// otherwise.
    Text likeliestPart(const std::vector<double>& after) const {
        if (job_.way.level != job::Way::Level::Component) {
            return {};
        }
        std::map<std::array<int, 3>, double> shares;
        for (std::size_t h = 0; h < after.size(); ++h) {
            const auto& own = hypotheses_[h];
            shares[{own.suspect, own.part, own.point}] += after[h];
        }
        const auto best = std::max_element(shares.begin(), shares.end(),
                                           [](const auto& a, const auto& b) { return a.second < b.second; });
        const auto& [suspect, part, point] = best->first;
        if (part < 0) {
            return {};
        }
        const auto& title = model_.knowledge().suspects[std::size_t(suspect)].parts[std::size_t(part)].title;
        return point < 0
                   ? say("{} ({:.0f} %)", title, 100 * best->second)
                   : say("{} {} ({:.0f} %)", title, model_.set().points[std::size_t(point)].ref, 100 * best->second);
    }

    /// "open in B7 … B12" when nearly all belief is in part of one strip; empty otherwise.
    Text narrowestRun(const std::vector<double>& after) const {
        const auto shares = ledSharesOf(model_, hypotheses_, after);
        double total = 0;
        int strip = -1;
        double heaviest = 0;
        for (int s = 0; s < int(shares.size()); ++s) {
            const double sum = std::accumulate(shares[s].begin(), shares[s].end(), 0.0);
            total += sum;
            if (sum > heaviest) {
                heaviest = sum;
                strip = s;
            }
        }
        if (strip < 0 || heaviest < clearShare * total || total < clearShare) {
            return {};
        }
        const double worth = 0.1 * *std::max_element(shares[strip].begin(), shares[strip].end());
        int first = 0;
        int last = int(shares[strip].size()) - 1;
        while (shares[strip][first] < worth) {
            ++first;
        }
        while (shares[strip][last] < worth) {
            --last;
        }
        const auto& label = model_.backlight().strips[strip].label;
        return first == last ? say("it is {}{}", label, first + 1)
                             : say("it is in {0}{1} … {0}{2}", label, first + 1, last + 1);
    }

    CaseModel& model_;
    const Belief& belief_;
    const job::Job& job_;
    const std::vector<job::Entry>& standing_;
    const std::vector<Run>& untested_;
    const std::optional<evidence::Question>& again_;
    std::vector<Hypothesis> hypotheses_;
    std::vector<int> titles_;
    std::vector<double> shares_;
    Classes each_;   ///< every explanation by itself
    Classes alike_;  ///< for questions about the set and its boards
    /// One of each part and point of a class, and their shares together.
    std::vector<std::vector<std::pair<std::size_t, double>>> membersOf_;
    Reach reached_ = Reach::Outside;
    std::size_t most_;
    std::vector<Ranked> ranked_;        ///< the best so far, in their order; only these are asked what they mean
    std::optional<Ranked> outOfTools_;  ///< the best of those that cannot be done
    std::map<std::optional<Weak>, Text> looks_;  ///< empty: none is lit
};

}  // namespace

namespace {

/// Where to split LEDs by what they may be: first of those that count, and how many to power; 0 when none does.
std::pair<int, int> halfOf(std::span<const double> weights) {
    if (weights.empty()) {
        return {0, 0};
    }
    const double highest = *std::max_element(weights.begin(), weights.end());
    if (highest < 1e-4) {
        return {0, 0};
    }
    int first = 0;
    int last = int(weights.size()) - 1;
    while (weights[first] < 0.02 * highest) {
        ++first;
    }
    while (weights[last] < 0.02 * highest) {
        --last;
    }
    return {first, first == last ? 1 : locate::halfSplit(weights.subspan(first, last - first + 1))};
}

}  // namespace

std::vector<Run> candidateRuns(const backlight::Backlight& backlight, const LedShares& openShares,
                               const std::vector<job::Entry>& standing, const std::vector<Run>& plugs) {
    std::vector<Run> runs;
    if (!backlight.isDescribed) {
        return runs;
    }
    const auto add = [&](const Run& run) {
        const Run reachable = backlight::probeable(backlight, run);
        if (std::find(runs.begin(), runs.end(), reachable) == runs.end()) {
            runs.push_back(reachable);
        }
    };
    std::for_each(plugs.begin(), plugs.end(), add);
    for (const auto& ref : backlight::stringsOf(backlight)) {
        add(backlight::wholeString(backlight, ref));
        const auto order = backlight::ledsInOrder(backlight, ref);
        for (const auto& part : backlight::partsOf(backlight, ref)) {
            add(part);
        }
        std::vector<double> weights;
        for (const auto& place : order) {
            weights.push_back(openShares[place.strip][place.led]);
        }
        // A run that holds an LED known to be open stays dark: look between those.
        const auto addHalves = [&](const Run& within) {
            int start = within.first;
            for (int position = within.first; position <= within.last + 1; ++position) {
                if (position <= within.last && weights[position] < knownOpenShare) {
                    continue;
                }
                const int count = position - start;
                if (const auto half = halfOf(std::span(weights).subspan(start, count)); half.second > 0) {
                    add({ref, start + half.first, start + half.first + half.second - 1});
                }
                if (count > 0 && count < within.count()) {
                    add({ref, start, position - 1});
                }
                start = position + 1;
            }
        };
        addHalves(backlight::wholeString(backlight, ref));
        const bool several = std::accumulate(weights.begin(), weights.end(), 0.0) > severalOpens;
        for (const auto& part : backlight::partsOf(backlight, ref)) {
            const bool holdsKnown = std::any_of(weights.begin() + part.first, weights.begin() + part.last + 1,
                                                [](double weight) { return weight >= knownOpenShare; });
            if (several || holdsKnown) {
                addHalves(part);  // with several open LEDs both halves of the whole string would stay dark
            }
        }
        if (several) {
            for (const auto& entry : standing) {
                const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
                if (taken != nullptr && taken->run.string == ref && taken->bridged.empty() && taken->lit == 0) {
                    addHalves(taken->run);
                }
            }
        }
    }
    return runs;
}

RankedProbes rankProbes(CaseModel& model, const Belief& belief, const job::Job& job,
                        const std::vector<job::Entry>& standing, const std::vector<Run>& runs,
                        const std::vector<Run>& untested, const std::optional<evidence::Question>& again,
                        std::size_t most) {
    return Ranking(model, belief, job, standing, untested, again, most).run(runs);
}

}  // namespace dimglow::reasoning
