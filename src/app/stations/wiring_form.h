#pragma once

#include <QComboBox>
#include <QLineEdit>
#include <QWidget>
#include <map>
#include <string>

#include "app/session.h"
#include "core/job/reading_text.h"

namespace dimglow::app {

/// The backlight number by number, for whoever wants that beside the one line: only what was typed over is written
/// down, and what the boxes cannot show of a hand-wired panel stays as it is.
class WiringForm : public QWidget {
    Q_OBJECT
public:
    explicit WiringForm(JobSession& session);

    void refresh();
    /// Writes down what was typed over; what cannot be read says so at its field.
    void commit();

private:
    QLineEdit* addNumber(const char* id, const QString& name);
    bool isTyped(const char* id) const { return fields_.at(id)->isModified(); }
    /// The number in a box; empty where there is none, or where it cannot be read, which the box says itself.
    std::optional<double> read(const char* id, const job::Expected& expected);
    void changeStrips(backlight::Backlight& wired);
    void changeLeds(backlight::Backlight& wired);
    void changeCurrent(backlight::Backlight& wired);
    void changeBoard(backlight::Backlight& wired);
    bool readLabels(std::vector<backlight::Feed>& feeds);

    JobSession& session_;
    std::map<std::string, QLineEdit*> fields_;
    QComboBox* ledClass_ = nullptr;
    bool isClassChosen_ = false;
    bool isSound_ = true;  ///< every box could be read
};

}  // namespace dimglow::app
