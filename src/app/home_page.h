#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

#include "records/logbook.h"

namespace dimglow::app {

/// The workshop's jobs as they are due, with search over everything.
class HomePage : public QWidget {
    Q_OBJECT
public:
    explicit HomePage(records::Logbook& logbook, QWidget* parent = nullptr);
    void refresh();
    void enter();

signals:
    void jobChosen(const QString& id);
    void newJobWanted();
    void importWanted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    records::Logbook& logbook_;
    QLineEdit* search_;
    QListWidget* list_;
    QLabel* count_;
};

}  // namespace dimglow::app
