#include "core/text/text.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <stdexcept>

namespace dimglow::text {

namespace {

/// \p spec is what stands in a placeholder: nothing, or a colon and how to format a number.
std::string inWords(const Argument& argument, const std::string& spec, const Language& language) {
    if (const auto* text = std::get_if<Text>(&argument.value)) {
        return text->in(language);
    }
    if (const auto* name = std::get_if<std::string>(&argument.value)) {
        return *name;
    }
    const std::string pattern = "{" + spec + "}";
    if (const auto* number = std::get_if<long>(&argument.value)) {
        return fmt::format(fmt::runtime(pattern), *number);
    }
    std::string words = fmt::format(fmt::runtime(pattern), std::get<double>(argument.value));
    if (const auto point = words.find('.'); point != std::string::npos) {
        words.replace(point, 1, language.decimalPoint);
    }
    return words;
}

/// Placeholders are "{}", "{:.1f}", "{1}" and "{1:.1f}"; without a number they count on.
std::string filled(const std::string& sentence, const std::vector<Argument>& arguments, const Language& language) {
    if (arguments.empty()) {
        return sentence;
    }
    std::string words;
    std::size_t next = 0;
    for (std::size_t at = 0; at < sentence.size(); ++at) {
        const std::size_t end = sentence[at] == '{' ? sentence.find('}', at) : std::string::npos;
        if (end == std::string::npos) {
            words += sentence[at];
            continue;
        }
        std::size_t index = next;
        const char* first = sentence.data() + at + 1;
        const auto number = std::from_chars(first, sentence.data() + end, index);
        words += inWords(arguments.at(index), std::string(number.ptr, sentence.data() + end), language);
        next = index + 1;
        at = end;
    }
    return words;
}

}  // namespace

struct Text::Content {
    std::string sentence;
    std::vector<Argument> arguments;
    bool hasWords = false;  ///< beside its placeholders
};

Text::Text(std::string sentence, std::vector<Argument> arguments) {
    if (!sentence.empty()) {
        const bool hasWords =
            std::any_of(sentence.begin(), sentence.end(), [](unsigned char c) { return std::isalpha(c) != 0; });
        content_ = std::make_shared<const Content>(Content{std::move(sentence), std::move(arguments), hasWords});
    }
}

std::string Text::english() const {
    static const Language english{[](const std::string& sentence) { return sentence; }};
    return in(english);
}

std::string Text::in(const Language& language) const {
    if (content_ == nullptr) {
        return {};
    }
    return filled(content_->hasWords ? language.translate(content_->sentence) : content_->sentence, content_->arguments,
                  language);
}

bool Text::contains(const Text& part) const {
    return *this == part ||
           (content_ != nullptr &&
            std::any_of(content_->arguments.begin(), content_->arguments.end(), [&](const Argument& argument) {
                const auto* inner = std::get_if<Text>(&argument.value);
                return inner != nullptr && inner->contains(part);
            }));
}

bool Text::operator==(const Text& other) const {
    if (content_ == nullptr || other.content_ == nullptr) {
        return content_ == other.content_;
    }
    return content_ == other.content_ ||
           (content_->sentence == other.content_->sentence && content_->arguments == other.content_->arguments);
}

Text name(std::string words) {
    return words.empty() ? Text() : Text("{}", {Argument(std::move(words))});
}

Text joined(const std::vector<Text>& texts, const char* between) {
    std::string sentence;
    std::vector<Argument> arguments;
    for (const auto& text : texts) {
        if (!text.empty()) {
            sentence += sentence.empty() ? "{}" : std::string(between) + "{}";
            arguments.emplace_back(text);
        }
    }
    return Text(std::move(sentence), std::move(arguments));
}

}  // namespace dimglow::text
