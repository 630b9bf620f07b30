#pragma once

#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <stdexcept>
#include <string>

#include "core/format/problem.h"

namespace dimglow::format {

/// What is wrong with a document, and where: "trail[3].volts: expected a number, found a string".
class FormatError : public std::runtime_error {
public:
    FormatError(const std::string& path, const std::string& reason)
        : std::runtime_error(inWords({path, text::name(reason)}).english()) {}
    explicit FormatError(const Problem& problem) : std::runtime_error(inWords(problem).english()) {}
};

/// Members that a reader does not know, by where they stand: "/trail/#12/run/mood", "/backlight/strips/3/batch". A step
/// with a # is an element of a list by its "id", a number one by its place.
using Unknown = std::map<std::string, nlohmann::json>;

/// Writes members that were not known back to where they came from; those whose parent is gone go with it.
void restore(const Unknown& unknown, nlohmann::json& document);

/// Reads the members of one JSON object, checks each, and remembers which were asked for.
///
/// Every read throws FormatError that names the path when a member is missing, of another type or out of range.
/// Members that nobody has asked for when the Fields go are kept in the Unknown given at the root, those of all objects
/// below it as well. The object and the Unknown must outlive the Fields.
class Fields {
public:
    Fields(const nlohmann::json& object, std::string path, Unknown* unknown = nullptr);
    Fields(Fields&& other) noexcept;
    ~Fields();
    Fields(const Fields&) = delete;
    Fields& operator=(const Fields&) = delete;
    Fields& operator=(Fields&&) = delete;

    const std::string& path() const { return path_; }
    std::string pathOf(const char* key) const;
    bool has(const char* key) const;
    /// Of all members, sorted.
    std::vector<std::string> names() const;

    /// Any number. Limits of a whole document are one check on its values; those below are for short files.
    double number(const char* key);
    double number(const char* key, double otherwise);
    std::optional<double> maybeNumber(const char* key);
    /// A number, or \p boundless where a meter shows that: infinity.
    std::optional<double> maybeReading(const char* key, const char* boundless);
    /// Any whole number that an int holds.
    int integer(const char* key);
    int integer(const char* key, int otherwise);
    std::string text(const char* key);
    std::string text(const char* key, const std::string& otherwise);
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
    /// The object is an element of a list that is told from the others by its "id": what is not known of it stays with
    /// that id, wherever it moves.
    void keepById(int id);
    /// Calls \p visit with the Fields of every element; at most \p longest of them.
    template <class Visit>
    void forEach(const char* key, std::size_t longest, Visit visit) {
        const auto* list = array(key, longest);
        for (std::size_t i = 0; list != nullptr && i < list->size(); ++i) {
            visit(Fields((*list)[i], pathOf(key) + "[" + std::to_string(i) + "]", unknown_,
                         pointerTo(key) + "/" + std::to_string(i)));
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

private:
    Fields(const nlohmann::json& object, std::string path, Unknown* unknown, std::string pointer);
    std::string pointerTo(const std::string& key) const;
    const nlohmann::json* member(const char* key, bool required);
    const nlohmann::json* array(const char* key, std::size_t longest);

    const nlohmann::json* object_;
    std::string path_;
    Unknown* unknown_;     ///< null when nothing is kept
    std::string pointer_;  ///< where the object stands, as in Unknown
    std::set<std::string> asked_;
    int exceptions_;  ///< in flight when the reading began: a reading that failed keeps nothing
};

}  // namespace dimglow::format
