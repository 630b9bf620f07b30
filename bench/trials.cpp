// Works jobs on sets drawn at random and prints, as tables, how far the shares of suspects can be believed and what
// the advice is worth. Usage: dimglow_trials [sets] [first seed] [orders | ways | bench | lamps | lamp-circuits |
// slips]; with "orders" it also works the jobs in textbook and in random order, with "ways" it works them in each way
// of working instead, with "bench" on sets of the second family, with "slips" on these too, one reading of each job
// falsified, with "lamps" or "lamp-circuits" on those of either family that is lit by lamps.
// DIMGLOW_TRIALS_WRONG=1 names the sets that ended wrong, with what was read.

#include <fmt/format.h>

#include <array>
#include <cmath>
#include <cstdlib>
#include <future>
#include <map>
#include <string>
#include <vector>

#include "core/job/problems.h"
#include "virtualset/trial.h"

namespace dimglow {
namespace {

using namespace virtualset;

constexpr int bins = 10;

/// Suspects that were given a share, and how often that was right.
struct Bin {
    long given = 0;
    double shares = 0;
    long right = 0;
};

struct Tally {
    std::array<Bin, bins> calibration;
    long certain = 0;       ///< suspects at 95 % and more
    long certainWrong = 0;  ///< of those
    long jobs = 0;
    long right = 0;
    long verdicts = 0;
    long wrongVerdicts = 0;
    double probes = 0;
    double minutes = 0;
    double cost = 0;
    std::map<std::string, std::pair<long, long>> bySuspect;  ///< jobs, and those that ended right

    void add(const Tally& other) {
        for (int b = 0; b < bins; ++b) {
            calibration[b].given += other.calibration[b].given;
            calibration[b].shares += other.calibration[b].shares;
            calibration[b].right += other.calibration[b].right;
        }
        certain += other.certain;
        certainWrong += other.certainWrong;
        jobs += other.jobs;
        right += other.right;
        verdicts += other.verdicts;
        wrongVerdicts += other.wrongVerdicts;
        probes += other.probes;
        minutes += other.minutes;
        cost += other.cost;
        for (const auto& [suspect, counts] : other.bySuspect) {
            bySuspect[suspect].first += counts.first;
            bySuspect[suspect].second += counts.second;
        }
    }
};

/// Of which family the sets are.
Family family = Family::Knowledge;

Tally workOn(std::uint64_t seed, Told told, Order order, const job::Way& way) {
    const auto& trade = knowledge::builtInKnowledge();
    auto patient = drawPatient(seed, told, trade, family);
    patient.job.way = way;
    Tally tally;
    const auto watch = [&](const sheet::Assessment& assessment) {
        constexpr double sure = 0.95;
        constexpr double worthCounting = 0.005;
        std::map<std::string, double> shares;
        for (const auto& [suspect, share] : assessment.diagnosis.shareOfSuspect) {
            shares[meantBy(suspect)] += share;
        }
        for (const auto& [suspect, share] : shares) {
            if (share < worthCounting) {
                continue;
            }
            const bool right = isRight(suspect, patient);
            auto& bin = tally.calibration[std::size_t(std::min(bins - 1, int(share * bins)))];
            ++bin.given;
            bin.shares += share;
            bin.right += right ? 1 : 0;
            tally.certain += share >= sure ? 1 : 0;
            tally.certainWrong += share >= sure && !right ? 1 : 0;
        }
    };
    const auto ending = work(patient, order, trade, 60, watch);
    tally.jobs = 1;
    tally.right = ending.isRight ? 1 : 0;
    tally.verdicts = ending.hasVerdict ? 1 : 0;
    tally.wrongVerdicts = ending.hasVerdict && !ending.isRight ? 1 : 0;
    tally.probes = ending.probes;
    tally.minutes = ending.minutes;
    tally.cost = ending.cost;
    tally.bySuspect[patient.suspect] = {1, tally.right};
    if (!ending.isRight && std::getenv("DIMGLOW_TRIALS_WRONG") != nullptr) {
        fmt::print(stderr, "seed {} told {} order {}: {} after {} probes\n", seed, wordsOf(told), wordsOf(order),
                   patient.suspect, ending.probes);
        const auto assessment = sheet::assess(ending.job, trade, {.today = {}});
        for (const auto& entry : ending.job.trail) {
            const evidence::Scene scene{ending.job.set, trade};
            fmt::print(stderr, "    {}: {}\n", evidence::titleOf(entry.what, scene).english(),
                       evidence::describe(entry.what, scene).english());
        }
        for (const auto& suspect : assessment.suspects) {
            fmt::print(stderr, "  = {:.1f} % {}{}\n", 100 * suspect.share, suspect.title.english(),
                       assessment.found.empty() ? "" : "  (verdict)");
        }
    }
    return tally;
}

Tally workOnAll(int sets, std::uint64_t first, Told told, Order order, const job::Way& way = {}) {
    constexpr int workers = 2;
    std::vector<std::future<Tally>> parts;
    for (int worker = 0; worker < workers; ++worker) {
        parts.push_back(std::async(std::launch::async, [=] {
            Tally tally;
            for (int set = worker; set < sets; set += workers) {
                tally.add(workOn(first + std::uint64_t(set), told, order, way));
            }
            return tally;
        }));
    }
    Tally all;
    for (auto& part : parts) {
        all.add(part.get());
    }
    return all;
}

double percent(double part, double whole) {
    return whole > 0 ? 100 * part / whole : 0;
}

void printAccuracy(int sets, std::uint64_t first, std::array<Tally, toldCount>& tallies) {
    fmt::print(
        "\n| the job is told | jobs | right at the end | with a verdict | wrong verdicts | shares ≥ 95 % | of "
        "them wrong | probes | minutes |\n|---|---|---|---|---|---|---|---|---|\n");
    for (int told = 0; told < toldCount; ++told) {
        auto& tally = tallies[std::size_t(told)];
        tally = workOnAll(sets, first, Told(told), Order::Advised);
        fmt::print("| {} | {} | {:.1f} % | {:.1f} % | {:.1f} % | {} | {:.2f} % | {:.1f} | {:.0f} |\n",
                   wordsOf(Told(told)), tally.jobs, percent(double(tally.right), double(tally.jobs)),
                   percent(double(tally.verdicts), double(tally.jobs)),
                   percent(double(tally.wrongVerdicts), double(tally.verdicts)), tally.certain,
                   percent(double(tally.certainWrong), double(tally.certain)), tally.probes / double(tally.jobs),
                   tally.minutes / double(tally.jobs));
    }
}

void printCalibration(const Tally& tally) {
    fmt::print("\n| share given | how often | mean share | was right |\n|---|---|---|---|\n");
    for (int b = 0; b < bins; ++b) {
        const auto& bin = tally.calibration[std::size_t(b)];
        fmt::print("| {} … {} % | {} | {:.1f} % | {:.1f} % |\n", 100 * b / bins, 100 * (b + 1) / bins, bin.given,
                   percent(bin.shares, double(bin.given)), percent(double(bin.right), double(bin.given)));
    }
}

void printSuspects(const std::array<Tally, toldCount>& tallies) {
    fmt::print("\n| what was wrong | jobs |");
    for (int told = 0; told < toldCount; ++told) {
        fmt::print(" told {} |", wordsOf(Told(told)));
    }
    fmt::print("\n|---|---|---|---|---|---|\n");
    for (const auto& [suspect, counts] : tallies.front().bySuspect) {
        fmt::print("| {} | {} |", suspect, counts.first);
        for (const auto& tally : tallies) {
            const auto& [jobs, right] = tally.bySuspect.at(suspect);
            fmt::print(" {:.0f} % |", percent(double(right), double(jobs)));
        }
        fmt::print("\n");
    }
}

void printOrders(int sets, std::uint64_t first, const Tally& advised) {
    fmt::print("\n| order of the probes | right at the end | probes | minutes |\n|---|---|---|---|\n");
    for (const auto order : {Order::Advised, Order::Textbook, Order::Random}) {
        const auto tally = order == Order::Advised ? advised : workOnAll(sets, first, Told::Nothing, order);
        fmt::print("| {} | {:.1f} % | {:.1f} | {:.0f} |\n", wordsOf(order),
                   percent(double(tally.right), double(tally.jobs)), tally.probes / double(tally.jobs),
                   tally.minutes / double(tally.jobs));
    }
}

void printWays(int sets, std::uint64_t first) {
    using Way = job::Way;
    const std::pair<const char*, Way> ways[] = {
        {"what costs least, measured first", {}},
        {"what costs least, swapped first", {Way::First::Swap, Way::Level::Any}},
        {"boards whole", {Way::First::Measure, Way::Level::Board}},
        {"down to the part", {Way::First::Measure, Way::Level::Component}},
        {"strips whole", {Way::First::Measure, Way::Level::Strip}}};
    fmt::print("\n| way of working | right at the end | probes | minutes | expected cost |\n|---|---|---|---|---|\n");
    for (const auto& [words, way] : ways) {
        const auto tally = workOnAll(sets, first, Told::Nothing, Order::Advised, way);
        fmt::print("| {} | {:.1f} % | {:.1f} | {:.0f} | {:.0f} |\n", words,
                   percent(double(tally.right), double(tally.jobs)), tally.probes / double(tally.jobs),
                   tally.minutes / double(tally.jobs), tally.cost / double(tally.jobs));
    }
}

/// Sets with lamps: whatever is told of strips is nothing to them.
void printLamps(int sets, std::uint64_t first) {
    const auto tally = workOnAll(sets, first, Told::Nothing, Order::Advised);
    fmt::print(
        "{} jobs with lamps: {:.1f} % right, {:.1f} % with a verdict, {:.1f} % of them wrong, {:.2f} % of shares "
        "of 95 % and more wrong, {:.1f} probes, {:.0f} minutes\n",
        tally.jobs, percent(double(tally.right), double(tally.jobs)),
        percent(double(tally.verdicts), double(tally.jobs)),
        percent(double(tally.wrongVerdicts), double(tally.verdicts)),
        percent(double(tally.certainWrong), double(tally.certain)), tally.probes / double(tally.jobs),
        tally.minutes / double(tally.jobs));
    printCalibration(tally);
    for (const auto& [suspect, counts] : tally.bySuspect) {
        fmt::print("{}: {} of {} right\n", suspect, counts.second, counts.first);
    }
}

/// A way to misread a meter, and what becomes of a reading.
struct Slip {
    const char* words;
    double times;
};
constexpr Slip slips[] = {{"sign lost, ten times too high", 10},
                          {"sign lost, a tenth", 0.1},
                          {"millivolts for volts", 1000},
                          {"twice, by a wrong range", 2},
                          {"half, a max hold that was missed", 0.5}};

/// How slips of a kind were met.
struct Met {
    int made = 0;
    int refused = 0;    ///< beyond what the field takes
    int atOnce = 0;     ///< doubted as soon as they stood there
    int later = 0;      ///< with the readings that followed
    int elsewhere = 0;  ///< another reading was doubted for it
};

/// The number of a reading that a meter gave; null of others.
double* numberOf(evidence::Observation& what) {
    if (auto* measured = std::get_if<evidence::Measured>(&what)) {
        return measured->volts >= 1 ? &measured->volts : nullptr;
    }
    auto* taken = std::get_if<evidence::TesterTaken>(&what);
    return taken != nullptr && taken->volts && *taken->volts >= 1 ? &*taken->volts : nullptr;
}

/// Falsifies one reading of a job that was worked to its end, and looks for the doubt.
void slipOnce(const Slip& slip, std::uint64_t seed, Met& met) {
    const auto& trade = knowledge::builtInKnowledge();
    job::Job job = work(drawPatient(seed, Told::Strips, trade, Family::Bench), Order::Advised, trade).job;
    std::vector<std::size_t> readings;
    for (std::size_t entry = 0; entry < job.trail.size(); ++entry) {
        if (numberOf(job.trail[entry].what) != nullptr) {
            readings.push_back(entry);
        }
    }
    if (readings.empty()) {
        return;
    }
    const std::size_t at = readings[seed % readings.size()];
    double& number = *numberOf(job.trail[at].what);
    number = std::round(10 * number * slip.times) / 10;
    ++met.made;
    if (!job::problemsOf(job).empty()) {
        ++met.refused;
        return;
    }
    const int id = job.trail[at].id;
    const auto doubtOf = [&](std::size_t entries) {
        job::Job sofar = job;
        sofar.trail.resize(entries);
        const auto misfit = sheet::assess(sofar, trade, {.today = {}}).misfit;
        return misfit ? misfit->entry.value_or(0) : -1;
    };
    bool isNamed = doubtOf(at + 1) == id;
    met.atOnce += isNamed ? 1 : 0;
    for (std::size_t entries = at + 2; entries <= job.trail.size() && !isNamed; ++entries) {
        const int doubted = doubtOf(entries);
        if (doubted == id) {
            isNamed = true;
            ++met.later;
        } else if (doubted >= 0 && entries == job.trail.size()) {
            ++met.elsewhere;
        }
    }
    if (!isNamed && std::getenv("DIMGLOW_TRIALS_WRONG") != nullptr) {
        const evidence::Scene scene{job.set, trade};
        fmt::print(stderr, "seed {}, {}:\n", seed, slip.words);
        for (const auto& entry : job.trail) {
            fmt::print(stderr, "  {} {}: {}\n", entry.id == id ? "->" : "  ",
                       evidence::titleOf(entry.what, scene).english(), evidence::describe(entry.what, scene).english());
        }
    }
}

void printSlips(int sets, std::uint64_t first) {
    fmt::print(
        "| slip | made | refused | doubted at once | later | another doubted | named "
        "|\n|---|---|---|---|---|---|---|\n");
    for (const auto& slip : slips) {
        Met met;
        for (int set = 0; set < sets; ++set) {
            slipOnce(slip, first + std::uint64_t(set), met);
        }
        fmt::print("| {} | {} | {} | {} | {} | {} | {:.0f} % |\n", slip.words, met.made, met.refused, met.atOnce,
                   met.later, met.elsewhere, percent(met.refused + met.atOnce + met.later, met.made));
    }
}

}  // namespace
}  // namespace dimglow

int main(int argc, char** argv) {
    const int sets = argc > 1 ? std::atoi(argv[1]) : 1000;
    const std::uint64_t first = argc > 2 ? std::strtoull(argv[2], nullptr, 10) : 1;
    if (argc > 3 && std::string(argv[3]) == "slips") {
        dimglow::printSlips(sets, first);
        return 0;
    }
    if (argc > 3 && std::string(argv[3]) == "ways") {
        dimglow::printWays(sets, first);
        return 0;
    }
    if (argc > 3 && std::string(argv[3]) == "bench") {
        dimglow::family = dimglow::virtualset::Family::Bench;
    }
    for (const auto& [word, lit] : {std::pair("lamps", dimglow::virtualset::Family::Lamps),
                                    {"lamp-circuits", dimglow::virtualset::Family::LampCircuits}}) {
        if (argc > 3 && std::string(argv[3]) == word) {
            dimglow::family = lit;
            dimglow::printLamps(sets, first);
            return 0;
        }
    }
    std::array<dimglow::Tally, dimglow::virtualset::toldCount> tallies;
    dimglow::printAccuracy(sets, first, tallies);
    fmt::print("\nNothing told: how far shares can be believed\n");
    dimglow::printCalibration(tallies.front());
    dimglow::printSuspects(tallies);
    if (argc > 3 && std::string(argv[3]) == "orders") {
        dimglow::printOrders(sets, first, tallies.front());
    }
}
