#pragma once

#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <stdexcept>
#include <string>

namespace dimglow::format {

/// What is wrong with a document, and where: "trail[3].volts: expected a number, found a string".
class FormatError : public std::runtime_error {
public:
    FormatError(const std::string& path, const std::string& reason)
        : std::runtime_error(path.empty() ? reason : path + ": " + reason) {}
};

/// Reads the members of one JSON object, checks each, and remembers which were asked for.
///
/// Every read throws FormatError that names the path when a member is missing, of another type or out of range.
/// The object must outlive its Fields.
class Fields {
public:
    Fields(const nlohmann::json& object, std::string path);

    const std::string& path() const { return path_; }
    std::string pathOf(const char* key) const;
    bool has(const char* key) const;

    double number(const char* key, double least, double most);
    double number(const char* key, double least, double most, double otherwise);
    std::optional<double> maybeNumber(const char* key, double least, double most);
    int integer(const char* key, int least, int most);
    int integer(const char* key, int least, int most, int otherwise);
    bool flag(const char* key, bool otherwise);
    /// At most \p longest bytes.
    std::string text(const char* key, std::size_t longest, const std::string& otherwise);
    std::string text(const char* key, std::size_t longest);
    /// One of \p words, by its place in the list.
    int choice(const char* key, const std::vector<const char*>& words);
    int choice(const char* key, const std::vector<const char*>& words, int otherwise);
    Fields object(const char* key);
    /// Calls \p visit with the Fields of every element; at most \p longest of them.
    template <class Visit>
    void forEach(const char* key, std::size_t longest, Visit visit) {
        const auto* list = array(key, longest);
        for (std::size_t i = 0; list != nullptr && i < list->size(); ++i) {
            visit(Fields((*list)[i], pathOf(key) + "[" + std::to_string(i) + "]"));
        }
    }

    /// Calls \p visit with every text of a list and its path; at most \p longest of them.
    template <class Visit>
    void forEachText(const char* key, std::size_t longest, Visit visit) {
        const auto* list = array(key, longest);
        for (std::size_t i = 0; list != nullptr && i < list->size(); ++i) {
            const std::string path = pathOf(key) + "[" + std::to_string(i) + "]";
            if (!(*list)[i].is_string()) {
                throw FormatError(path, "expected a text");
            }
            visit((*list)[i].template get<std::string>(), path);
        }
    }

    /// Adds every member nobody asked for to \p unknown, under "\p place/member".
    void collectUnknown(const std::string& place, std::map<std::string, nlohmann::json>& unknown) const;

private:
    const nlohmann::json* member(const char* key, bool required);
    const nlohmann::json* array(const char* key, std::size_t longest);

    const nlohmann::json* object_;
    std::string path_;
    std::set<std::string> asked_;
};

}  // namespace dimglow::format
