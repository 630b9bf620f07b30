#include "app/stations/wiring_form.h"

#include <QGridLayout>
#include <algorithm>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/stations/strips_line.h"
#include "app/typed.h"

namespace dimglow::app {

namespace {

constexpr int boxesInARow = 5;

/// "146", or of several feeds "146 / ?"; empty where there is one and nobody knows.
QString labelsOf(const backlight::Backlight& panel) {
    QStringList labels;
    for (const auto& feed : panel.feeds) {
        labels << (feed.labelVolts ? number(*feed.labelVolts) : QStringLiteral("?"));
    }
    return panel.feeds.size() == 1 && !panel.feeds.front().labelVolts ? QString() : labels.join(QStringLiteral(" / "));
}

}  // namespace

WiringForm::WiringForm(JobSession& session) : session_(session) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(theme::px(14));
    grid->setVerticalSpacing(theme::px(4));
    ledClass_ = new QComboBox;
    ledClass_->setFont(theme::body());
    ledClass_->setObjectName(QStringLiteral("ledClass"));
    ledClass_->setAccessibleName(tr("LED class"));
    ledClass_->addItems({tr("3 V"), tr("6 V"), tr("9 V")});
    ledClass_->setPlaceholderText(tr("not known"));
    connect(ledClass_, &QComboBox::activated, this, [this](int dies) {
        isClassChosen_ = true;
        fields_["ratedVolts"]->setText(number(backlight::classVoltsPerDie * (dies + 1)));
        fields_["ratedVolts"]->setModified(true);
    });
    const std::pair<const char*, QString> numbers[] = {
        {"strips", tr("Strips")},           {"leds", tr("LEDs per strip")},     {"series", tr("Strips in series")},
        {"amps", tr("String, mA")},         {"idle", tr("LED+ idle, V")},       {"class", tr("LED class")},
        {"ratedVolts", tr("LED rated, V")}, {"ratedAmps", tr("LED rated, mA")}, {"celsius", tr("LEDs at, °C")},
        {"label", tr("LED+ label, V")}};
    int index = 0;
    for (const auto& [id, name] : numbers) {
        const int row = 2 * (index / boxesInARow);
        QWidget* field = std::string_view(id) == "class" ? static_cast<QWidget*>(ledClass_) : addNumber(id, name);
        grid->addWidget(makeLabel(name, theme::quiet(), "quiet"), row, index % boxesInARow);
        grid->addWidget(field, row + 1, index % boxesInARow);
        ++index;
    }
    auto* apply = makeButton(tr("Use it"), tr("Enter"));
    apply->setObjectName(QStringLiteral("rewire"));
    connect(apply, &QPushButton::clicked, this, &WiringForm::commit);
    grid->addWidget(apply, 4, boxesInARow - 1);
}

QLineEdit* WiringForm::addNumber(const char* id, const QString& name) {
    auto* edit = makeField(QString::fromLatin1(id), name, tr("not known"));
    edit->setMinimumWidth(theme::px(60));
    fields_[id] = edit;
    connect(edit, &QLineEdit::returnPressed, this, &WiringForm::commit);
    return edit;
}

void WiringForm::refresh() {
    const auto& panel = session_.shown().job.set.backlight;
    const bool isDescribed = panel.isDescribed;
    const auto& strip = panel.strips.front();
    const auto stringAmps = panel.channels.front().stringAmps();
    const auto milli = [](const std::optional<double>& amps) {
        return amps ? std::optional(1000 * *amps) : std::nullopt;
    };
    const auto ofStrips = [&](const std::optional<double>& value) { return isDescribed ? value : std::nullopt; };
    const std::pair<const char*, std::optional<double>> values[] = {
        {"strips", ofStrips(double(panel.strips.size()))},
        {"leds", ofStrips(double(strip.leds))},
        {"series", ofStrips(double(panel.channels.front().strings.front().strips.size()))},
        {"amps", ofStrips(milli(stringAmps))},
        {"ratedVolts", ofStrips(strip.led.classAssumed ? std::nullopt : std::optional(strip.led.ratedVolts))},
        {"ratedAmps", ofStrips(milli(strip.led.ratedAmps))},
        {"celsius", panel.celsius},
        {"idle", panel.driver.idleVolts}};
    for (const auto& [id, value] : values) {
        if (!isTyped(id)) {
            fields_[id]->setText(value ? number(*value) : QString());
        }
    }
    if (!isTyped("label")) {
        fields_["label"]->setText(labelsOf(panel));
    }
    if (!isTyped("ratedVolts")) {
        const bool isKnown = isDescribed && !strip.led.classAssumed;
        ledClass_->setCurrentIndex(isKnown ? std::clamp(strip.led.dies, 1, 3) - 1 : -1);
        isClassChosen_ = false;
    }
}

std::optional<double> WiringForm::read(const char* id, const job::Expected& expected) {
    auto* edit = fields_.at(id);
    if (edit->text().trimmed().isEmpty()) {
        accept(edit);
        return std::nullopt;
    }
    const auto typed = typed::number(edit->text(), expected);
    if (const auto* problem = std::get_if<text::Text>(&typed)) {
        refuse(edit, words(*problem));
        isSound_ = false;
        return std::nullopt;
    }
    accept(edit);
    return std::get<double>(typed);
}

/// How many strips and LEDs there are, and how they are strung.
void WiringForm::changeStrips(backlight::Backlight& wired) {
    constexpr const char* howMany[] = {"strips", "leds", "series"};
    const auto* changed =
        std::find_if(std::begin(howMany), std::end(howMany), [this](auto* id) { return isTyped(id); });
    if (changed == std::end(howMany)) {
        return;
    }
    auto plain = backlight::plainDescriptionOf(wired);
    if (!plain) {
        refuse(fields_.at(*changed),
               tr("These strips are wired by hand; a line that says how many there are replaces them."));
        isSound_ = false;
        return;
    }
    const bool isNew = !plain->isDescribed;
    const auto strips = read("strips", {1, 60, job::Unit::Count});
    const auto leds = read("leds", {1, 400, job::Unit::Count});
    const auto series = read("series", {1, 60, job::Unit::Count});
    if (!leds) {
        refuse(fields_.at("leds"), tr("How many LEDs are on a strip?"));
        isSound_ = false;
        return;
    }
    plain->isDescribed = true;
    plain->led.classAssumed = isNew ? true : plain->led.classAssumed;
    plain->strips = int(strips.value_or(1));
    plain->ledsPerStrip = int(*leds);
    plain->stripsPerString = int(series.value_or(plain->strips));
    wired = backlight::plainBacklight(*plain);
}

/// The LED of all strips that have the first one's.
void WiringForm::changeLeds(backlight::Backlight& wired) {
    if (!wired.isDescribed || !(isTyped("ratedVolts") || isTyped("ratedAmps") || isClassChosen_)) {
        return;
    }
    const auto before = wired.strips.front().led;
    auto led = before;
    const int dies = isClassChosen_ || isTyped("ratedVolts") ? std::max(0, ledClass_->currentIndex()) + 1 : led.dies;
    if (isTyped("ratedVolts") || isClassChosen_) {
        const auto volts = read("ratedVolts", {1.5, 15, job::Unit::Volts});
        led.ratedVolts = volts.value_or(backlight::classVoltsPerDie * dies);
        led.dies =
            isClassChosen_ ? dies : std::clamp(int(std::lround(led.ratedVolts / backlight::classVoltsPerDie)), 1, 3);
        led.classAssumed = !volts;
    }
    if (isTyped("ratedAmps")) {
        const auto milliamps = read("ratedAmps", {1, 10000, job::Unit::Milliamps});
        led.ratedAmps = milliamps ? std::optional(*milliamps / 1000) : std::nullopt;
    }
    if (led.dies != before.dies || led.ratedVolts != before.ratedVolts || led.ratedAmps != before.ratedAmps) {
        const bool isAssumed = led.classAssumed;  // another LED than the one that was measured
        led = backlight::classLed(led.dies, led.ratedVolts, led.ratedAmps);
        led.classAssumed = isAssumed;
        wired.ledPoints.clear();
    }
    for (auto& strip : wired.strips) {
        strip.led = strip.led == before ? led : strip.led;
    }
}

void WiringForm::changeCurrent(backlight::Backlight& wired) {
    if (!wired.isDescribed || !isTyped("amps")) {
        return;
    }
    const auto milliamps = read("amps", {1, 10000, job::Unit::Milliamps});
    for (auto& channel : wired.channels) {
        channel.amps = milliamps ? std::optional(*milliamps / 1000 * double(channel.strings.size())) : std::nullopt;
    }
}

/// What is read off the board, and how warm the LEDs are.
void WiringForm::changeBoard(backlight::Backlight& wired) {
    if (isTyped("celsius")) {
        wired.celsius = read("celsius", {-20, 150, job::Unit::Celsius}).value_or(backlight::Backlight().celsius);
    }
    if (isTyped("idle")) {
        wired.driver.idleVolts = read("idle", {0, 500, job::Unit::Volts});
    }
    if (isTyped("label")) {
        auto feeds = wired.feeds;
        if (readLabels(feeds)) {
            wired = feeds.size() == wired.feeds.size() ? wired : backlight::withFeeds(wired, int(feeds.size()));
            wired.feeds = feeds;
        }
    }
}

/// The labels of all LED+, "146 / 92", "?" where there is none.
bool WiringForm::readLabels(std::vector<backlight::Feed>& feeds) {
    auto* edit = fields_.at("label");
    const auto labels = edit->text().split(QLatin1Char('/'));
    if (labels.size() > 1) {
        feeds.resize(std::size_t(labels.size()));
    }
    for (std::size_t feed = 0; feed < feeds.size(); ++feed) {
        const QString label = labels[std::min(int(feed), int(labels.size()) - 1)].trimmed();
        feeds[feed].labelVolts.reset();
        if (label.isEmpty() || label == QLatin1String("?")) {
            continue;
        }
        const auto volts = typed::number(label, {1, 2000, job::Unit::Volts});
        if (const auto* problem = std::get_if<text::Text>(&volts)) {
            refuse(edit, words(*problem));
            isSound_ = false;
            return false;
        }
        feeds[feed].labelVolts = std::get<double>(volts);
    }
    accept(edit);
    return true;
}

void WiringForm::commit() {
    const bool isChanged = isClassChosen_ || std::any_of(fields_.begin(), fields_.end(),
                                                         [](const auto& field) { return field.second->isModified(); });
    if (!isChanged) {
        return;
    }
    isSound_ = true;
    auto wired = session_.job().set.backlight;
    changeStrips(wired);
    changeLeds(wired);
    changeCurrent(wired);
    changeBoard(wired);
    if (!isSound_) {
        return;
    }
    auto* focused = qobject_cast<QLineEdit*>(focusWidget());
    if (const auto written = rewire(session_, wired); !written) {
        refuse(focused != nullptr ? focused : fields_.at("strips"), written.problem);
        return;
    }
    for (const auto& [id, edit] : fields_) {
        edit->setModified(false);
    }
    isClassChosen_ = false;
    refresh();
}

}  // namespace dimglow::app
