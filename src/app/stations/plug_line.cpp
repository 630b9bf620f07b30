#include "app/stations/plug_line.h"

#include "app/field_note.h"
#include "app/stations/station.h"
#include "app/theme.h"
#include "app/typed.h"
#include "core/backlight/harness_line.h"
#include "core/backlight/plain.h"

namespace dimglow::app {

PlugLine::PlugLine(JobSession& session, QLabel& says) : session_(session), says_(says) {
    setObjectName(QStringLiteral("plugLine"));
    setAccessibleName(tr("Pins of the plug, in order"));
    setPlaceholderText(tr("+ red, − black, − 2 white"));
    setFont(theme::body());
    explainTyping(this, [](const QString& line) {
        const auto read = typed::pins(line);
        const auto* pins = std::get_if<std::vector<backlight::HarnessPin>>(&read);
        return pins == nullptr ? QString() : typed::spoken(backlight::lineOf(*pins));
    });
    connect(this, &QLineEdit::editingFinished, this, &PlugLine::commit);
}

void PlugLine::refresh() {
    const auto& plug = session_.shown().job.set.backlight.harness;
    const int returns = backlight::returnsOf(plug);
    says_.setText(returns == 1   ? tr("One return: one string, until the strips are described.")
                  : returns > 1  ? tr("%1 returns: as many strings, until they are described.").arg(returns)
                  : plug.empty() ? tr("One return: one open LED leaves it dark. Several: the driver is likelier.")
                                 : tr("Number the returns (− 1, − 2): several pins may be one."));
    if (!isModified()) {
        setText(typed::spoken(backlight::lineOf(plug)));
        setCursorPosition(0);
    }
}

void PlugLine::commit() {
    if (!isModified()) {
        return;
    }
    const auto read = typed::pins(text().trimmed());
    if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
        refuse(this, inWords(*problem));
        return;
    }
    const auto written = session_.edit(accessibleName(), [&](job::Job& job) {
        auto& backlight = job.set.backlight;
        backlight = backlight::withPlug(backlight, std::get<std::vector<backlight::HarnessPin>>(read));
    });
    if (!written) {
        refuse(this, written.problem);
        return;
    }
    accept(this);
    setModified(false);
    refresh();
}

}  // namespace dimglow::app
