#include "core/format/fields.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstring>
#include <exception>
#include <limits>
#include <utility>
#include <vector>

namespace dimglow::format {

using nlohmann::json;

namespace {

[[noreturn]] void failType(const std::string& path, const char* wanted, const json& found) {
    throw FormatError(
        path, fmt::format("expected {}, found {} {}", wanted,
                          std::strchr("aeiou", found.type_name()[0]) != nullptr ? "an" : "a", found.type_name()));
}

double checkedNumber(const std::string& path, const json& value, Range range) {
    if (!value.is_number()) {
        failType(path, "a number", value);
    }
    const double number = value.get<double>();
    if (!std::isfinite(number) || !range.contains(number)) {
        throw FormatError(path, fmt::format("{} is outside {} … {}", number, range.least, range.most));
    }
    return number;
}

constexpr Range anyNumber{std::numeric_limits<double>::lowest(), std::numeric_limits<double>::max()};
constexpr Range anyInteger{std::numeric_limits<int>::min(), std::numeric_limits<int>::max()};

/// The element that a step of an Unknown's place leads to: a member, a list entry by its "id", or one by its place.
json* stepInto(json& at, const std::string& step) {
    if (at.is_object()) {
        const auto found = at.find(step);
        return found == at.end() ? nullptr : &*found;
    }
    if (!at.is_array() || step.empty()) {
        return nullptr;
    }
    const std::string number = step.substr(step.front() == '#' ? 1 : 0);
    int value = 0;
    std::from_chars(number.data(), number.data() + number.size(), value);
    if (step.front() != '#') {
        return std::size_t(value) < at.size() ? &at[std::size_t(value)] : nullptr;
    }
    const auto found = std::find_if(at.begin(), at.end(), [&](const json& e) { return e.value("id", 0) == value; });
    return found == at.end() ? nullptr : &*found;
}

}  // namespace

void restore(const Unknown& unknown, json& document) {
    for (const auto& [place, value] : unknown) {
        std::vector<std::string> steps;
        for (json::json_pointer pointer(place); !pointer.empty(); pointer.pop_back()) {
            steps.push_back(pointer.back());
        }
        json* at = &document;
        for (auto step = steps.rbegin(); at != nullptr && step != steps.rend() - 1; ++step) {
            at = stepInto(*at, *step);
        }
        if (at != nullptr && at->is_object()) {
            (*at)[steps.front()] = value;
        }
    }
}

Fields::Fields(const json& object, std::string path, Unknown* unknown)
    : Fields(object, std::move(path), unknown, std::string()) {}

Fields::Fields(const json& object, std::string path, Unknown* unknown, std::string pointer)
    : object_(&object),
      path_(std::move(path)),
      unknown_(unknown),
      pointer_(std::move(pointer)),
      exceptions_(std::uncaught_exceptions()) {
    if (!object.is_object()) {
        failType(path_.empty() ? "document" : path_, "an object", object);
    }
}

Fields::Fields(Fields&& other) noexcept
    : object_(other.object_),
      path_(std::move(other.path_)),
      unknown_(std::exchange(other.unknown_, nullptr)),
      pointer_(std::move(other.pointer_)),
      asked_(std::move(other.asked_)),
      exceptions_(other.exceptions_) {}

Fields::~Fields() {
    if (unknown_ == nullptr || std::uncaught_exceptions() > exceptions_) {
        return;
    }
    for (const auto& [key, value] : object_->items()) {
        if (!asked_.contains(key)) {
            (*unknown_)[pointerTo(key)] = value;
        }
    }
}

std::string Fields::pointerTo(const std::string& key) const {
    return pointer_ + (json::json_pointer() / key).to_string();
}

void Fields::keepById(int id) {
    pointer_ = pointer_.substr(0, pointer_.rfind('/')) + fmt::format("/#{}", id);
}

std::vector<std::string> Fields::names() const {
    std::vector<std::string> names;
    for (const auto& [name, value] : object_->items()) {
        names.push_back(name);
    }
    return names;
}

std::string Fields::pathOf(const char* key) const {
    return path_.empty() ? key : path_ + "." + key;
}

bool Fields::has(const char* key) const {
    return object_->contains(key);
}

const json* Fields::member(const char* key, bool required) {
    asked_.insert(key);
    const auto found = object_->find(key);
    if (found == object_->end()) {
        if (required) {
            throw FormatError(pathOf(key), "missing");
        }
        return nullptr;
    }
    return &*found;
}

const json* Fields::array(const char* key, std::size_t longest) {
    const json* value = member(key, false);
    if (value == nullptr) {
        return nullptr;
    }
    if (!value->is_array()) {
        failType(pathOf(key), "an array", *value);
    }
    if (value->size() > longest) {
        throw FormatError(pathOf(key), fmt::format("{} entries; at most {}", value->size(), longest));
    }
    return value;
}

double Fields::number(const char* key) {
    return number(key, anyNumber.least, anyNumber.most);
}

double Fields::number(const char* key, double otherwise) {
    return maybeNumber(key).value_or(otherwise);
}

std::optional<double> Fields::maybeReading(const char* key, const char* boundless) {
    const auto* value = member(key, false);
    return value != nullptr && *value == boundless ? std::numeric_limits<double>::infinity() : maybeNumber(key);
}

std::optional<double> Fields::maybeNumber(const char* key) {
    return maybeNumber(key, anyNumber.least, anyNumber.most);
}

int Fields::integer(const char* key) {
    return integer(key, int(anyInteger.least), int(anyInteger.most));
}

int Fields::integer(const char* key, int otherwise) {
    return integer(key, int(anyInteger.least), int(anyInteger.most), otherwise);
}

std::string Fields::text(const char* key) {
    return text(key, std::string::npos);
}

std::string Fields::text(const char* key, const std::string& otherwise) {
    return text(key, std::string::npos, otherwise);
}

double Fields::number(const char* key, double least, double most) {
    return checkedNumber(pathOf(key), *member(key, true), {least, most});
}

double Fields::number(const char* key, double least, double most, double otherwise) {
    return maybeNumber(key, least, most).value_or(otherwise);
}

std::optional<double> Fields::maybeNumber(const char* key, double least, double most) {
    const json* value = member(key, false);
    return value == nullptr ? std::nullopt : std::optional(checkedNumber(pathOf(key), *value, {least, most}));
}

int Fields::integer(const char* key, int least, int most) {
    const double number = this->number(key, least, most);
    if (number != std::floor(number)) {
        throw FormatError(pathOf(key), fmt::format("{} is not a whole number", number));
    }
    return static_cast<int>(number);
}

int Fields::integer(const char* key, int least, int most, int otherwise) {
    return has(key) ? integer(key, least, most) : (asked_.insert(key), otherwise);
}

bool Fields::flag(const char* key, bool otherwise) {
    const json* value = member(key, false);
    if (value != nullptr && !value->is_boolean()) {
        failType(pathOf(key), "true or false", *value);
    }
    return value == nullptr ? otherwise : value->get<bool>();
}

std::string Fields::text(const char* key, std::size_t longest, const std::string& otherwise) {
    return has(key) ? text(key, longest) : (asked_.insert(key), otherwise);
}

std::string Fields::text(const char* key, std::size_t longest) {
    const json* value = member(key, true);
    if (!value->is_string()) {
        failType(pathOf(key), "a text", *value);
    }
    const auto& words = value->get_ref<const std::string&>();
    if (words.size() > longest) {
        throw FormatError(pathOf(key), fmt::format("{} bytes of text; at most {}", words.size(), longest));
    }
    return words;
}

int Fields::choice(const char* key, const std::vector<const char*>& words) {
    const std::string word = text(key, 100);
    std::string all;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (word == words[i]) {
            return static_cast<int>(i);
        }
        all += (i == 0 ? "" : ", ") + std::string(words[i]);
    }
    throw FormatError(pathOf(key), fmt::format("\"{}\" is none of {}", word, all));
}

int Fields::choice(const char* key, const std::vector<const char*>& words, int otherwise) {
    return has(key) ? choice(key, words) : (asked_.insert(key), otherwise);
}

Fields Fields::object(const char* key) {
    const json& object = *member(key, true);
    return {object, pathOf(key), unknown_, pointerTo(key)};
}

}  // namespace dimglow::format
