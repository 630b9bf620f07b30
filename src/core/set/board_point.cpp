#include "core/set/board_point.h"

namespace dimglow::set {

namespace {

/// Members of the file and of the ratings.
template <class RatingsOf, class Visit>
void eachRating(RatingsOf& ratings, Visit visit) {
    visit("farads", ratings.farads);
    visit("tolerance", ratings.tolerance);
    visit("volts", ratings.volts);
    visit("ohms", ratings.ohms);
    visit("amps", ratings.amps);
    visit("celsius", ratings.celsius);
}

}  // namespace

nlohmann::json toJson(const BoardPoint& point) {
    nlohmann::json json = {{"point", point.kind}, {"ref", point.ref}};
    eachRating(point.ratings, [&](const char* name, const std::optional<double>& value) {
        if (value) {
            json[name] = *value;
        }
    });
    return json;
}

BoardPoint readBoardPoint(format::Fields& fields) {
    BoardPoint point{fields.text("point"), fields.text("ref"), {}};
    eachRating(point.ratings,
               [&](const char* name, std::optional<double>& value) { value = fields.maybeNumber(name); });
    return point;
}

}  // namespace dimglow::set
