// What script/layers must refuse: a room that includes one above it, and Qt below records/.
#include <QString>
#include "core/job/job.h"
