#pragma once

#include "core/job/job.h"
#include "core/sheet/assessment.h"

namespace dimglow::app {

/// A job and what it amounts to, as they belong together. Views show nothing else, and never a half of it.
struct Snapshot {
    job::Job job;
    sheet::Assessment assessment;
};

}  // namespace dimglow::app
