#pragma once

#include <fmt/core.h>

#include <functional>
#include <memory>
#include <ostream>
#include <string>
#include <string_view>
#include <type_traits>
#include <utility>
#include <variant>
#include <vector>

/// \file
/// What the core says: sentences with arguments, put into words of the reader's language by whoever shows them.

namespace dimglow::text {

struct Argument;

/// How a reader wants to be spoken to.
struct Language {
    /// The sentence in this language, with the same placeholders in any order; itself when there is no translation.
    std::function<std::string(const std::string& english)> translate;
    std::string decimalPoint = ".";
};

/// A sentence in English with placeholders as in fmt ("{:.1f} V, {} lit"), which is also its key in translations, and
/// what stands in them: numbers, names that are the same in every language, and further texts.
/// Copies share both; nothing changes once it is made, so that texts may cross threads.
class Text {
public:
    Text() = default;
    Text(std::string sentence, std::vector<Argument> arguments);

    bool empty() const { return content_ == nullptr; }
    std::string english() const;
    std::string in(const Language& language) const;
    /// In English, for files and for tests; never for a screen.
    explicit operator std::string() const { return english(); }

    /// Whether \p part is this text or one of its arguments, however deep.
    bool contains(const Text& part) const;

    bool operator==(const Text& other) const;
    bool operator==(std::string_view english) const { return this->english() == english; }

private:
    struct Content;
    std::shared_ptr<const Content> content_;  ///< null of the empty text
};

/// What stands in a sentence's place: a number, a name that is not translated, or another sentence.
struct Argument {
    std::variant<double, long, std::string, Text> value;
    Argument(double number) : value(number) {}
    Argument(int number) : value(long(number)) {}
    Argument(long number) : value(number) {}
    Argument(std::size_t number) : value(long(number)) {}
    Argument(std::string name) : value(std::move(name)) {}
    Argument(Text text) : value(std::move(text)) {}
    bool operator==(const Argument&) const = default;
};

inline std::ostream& operator<<(std::ostream& out, const Text& text) {
    return out << text.english();
}

/// What a placeholder is filled with, as far as how it is formatted goes: a number or words.
template <class Given>
using Filling =
    std::conditional_t<std::is_arithmetic_v<std::remove_cvref_t<Given>>, std::remove_cvref_t<Given>, std::string>;

/// \p sentence is a literal: the translations are made from those in the sources. Placeholders that do not suit the
/// arguments do not compile.
template <class... Arguments>
Text say(fmt::format_string<Filling<Arguments>...> sentence, Arguments&&... arguments) {
    std::vector<Argument> all;
    all.reserve(sizeof...(arguments));
    (all.emplace_back(std::forward<Arguments>(arguments)), ...);
    const fmt::string_view words = sentence;
    return Text(std::string(words.data(), words.size()), std::move(all));
}

/// What is the same in every language: a label, a name somebody gave.
Text name(std::string words);

/// One after the other.
Text joined(const std::vector<Text>& texts, const char* between = ", ");

}  // namespace dimglow::text
