#pragma once

#include <QLineEdit>
#include <QWidget>

namespace dimglow::app {

/// An empty bench that teaches: three doors, and the workshop's head for the report, asked once and never in the way.
class FirstStart : public QWidget {
    Q_OBJECT
public:
    explicit FirstStart(QWidget* parent = nullptr);

signals:
    void newJobWanted();
    void demoWanted();
    void importWanted();

private:
    void keep();

    QLineEdit* workshop_ = nullptr;
    QLineEdit* contact_ = nullptr;
    QLineEdit* rate_ = nullptr;
};

}  // namespace dimglow::app
