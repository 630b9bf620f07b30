#include "core/format/fields.h"

#include <fmt/format.h>
#include <cmath>
#include <cstring>

namespace dimglow::format {

using nlohmann::json;

namespace {

[[noreturn]] void failType(const std::string& path, const char* wanted, const json& found) {
    throw FormatError(
        path, fmt::format("expected {}, found {} {}", wanted,
                          std::strchr("aeiou", found.type_name()[0]) != nullptr ? "an" : "a", found.type_name()));
}

double checkedNumber(const std::string& path, const json& value, double least, double most) {
    if (!value.is_number()) {
        failType(path, "a number", value);
    }
    const double number = value.get<double>();
    if (!std::isfinite(number) || number < least || number > most) {
        throw FormatError(path, fmt::format("{} is outside {} … {}", number, least, most));
    }
    return number;
}

}  // namespace

Fields::Fields(const json& object, std::string path) : object_(&object), path_(std::move(path)) {
    if (!object.is_object()) {
        failType(path_.empty() ? "document" : path_, "an object", object);
    }
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

double Fields::number(const char* key, double least, double most) {
    return checkedNumber(pathOf(key), *member(key, true), least, most);
}

double Fields::number(const char* key, double least, double most, double otherwise) {
    return maybeNumber(key, least, most).value_or(otherwise);
}

std::optional<double> Fields::maybeNumber(const char* key, double least, double most) {
    const json* value = member(key, false);
    return value == nullptr ? std::nullopt : std::optional(checkedNumber(pathOf(key), *value, least, most));
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
    return {*member(key, true), pathOf(key)};
}

void Fields::collectUnknown(const std::string& place, std::map<std::string, json>& unknown) const {
    for (const auto& [key, value] : object_->items()) {
        if (!asked_.contains(key)) {
            unknown[(json::json_pointer(place) / key).to_string()] = value;
        }
    }
}

}  // namespace dimglow::format
