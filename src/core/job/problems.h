#pragma once

#include <vector>

#include "core/format/problem.h"
#include "core/job/job.h"

namespace dimglow::job {

/// Every limit and rule that a job breaks; empty when it can be stored, read back and assessed. The one place that
/// knows: forms, parser, session and command line all ask it.
std::vector<format::Problem> problemsOf(const Job& job);

}  // namespace dimglow::job
