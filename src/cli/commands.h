#pragma once

#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/sheet/assessment.h"

/// \file
/// What each command prints, as docs/format.md describes it.

namespace dimglow::cli {

/// A run as typed, and the tester set for it; empty settings are the job's own.
struct TesterOptions {
    std::string run;
    std::optional<double> milliamps;
    std::optional<double> limitVolts;
    std::optional<double> volts;  ///< read on the run
    std::optional<int> lit;
};

/// A fault to be tried on the job's backlight.
struct TraceOptions {
    std::string suspect = "panelPicture";  ///< of the driver's side; this one is healthy
    std::vector<std::string> open;         ///< LEDs by name
    std::vector<std::string> shorted;
    double seconds = 6;
    bool plugOut = false;
    int feed = 1;  ///< whose LED+; from 1
};

/// Volts and amps of a circuit document.
nlohmann::json solve(const nlohmann::json& document);
/// What to set, whether the tester reaches, what each outcome means.
/// \throws std::invalid_argument for a run that the backlight does not have
nlohmann::json planTester(const job::Job& job, const TesterOptions& options);
/// Where the fault is believed to be, what to probe next, and what explains a reading when one is given.
nlohmann::json locate(const job::Job& job, const sheet::Assessment& assessment, const TesterOptions& options);
/// LED+, LED− and current from switch-on, and what a meter shows of them.
/// \throws std::invalid_argument for an unknown suspect or LED
nlohmann::json trace(const job::Job& job, const TraceOptions& options, const knowledge::Knowledge& trade);
/// A part, rail or pin as typed: what is printed on it behind "of", as in "241u 4R of 470u 63V".
struct CheckOptions {
    std::string part;  ///< a kind of part, "electrolytic", or a point of the knowledge files, "outputDiode"
    std::string reading;
    std::vector<std::string> twins;
};
/// The verdict on a part, the limit that it was held against, and its twins.
/// \throws std::invalid_argument for an unknown part or a line that cannot be read
nlohmann::json check(const CheckOptions& options, const knowledge::Knowledge& trade);
/// How to light the panel, and what its findings amount to.
nlohmann::json panelCheck(const job::Job& job);

}  // namespace dimglow::cli
