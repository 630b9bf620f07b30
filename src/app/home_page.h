#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QVBoxLayout>
#include <vector>

#include "app/first_start.h"
#include "app/job_list.h"

namespace dimglow::app {

/// The workshop's jobs as they are due, with search over everything.
class HomePage : public QWidget {
    Q_OBJECT
public:
    HomePage(records::Logbook& logbook, knowledge::Source trade, QWidget* parent = nullptr);
    void refresh();
    void enter();

signals:
    void jobChosen(const QString& id);
    void newJobWanted();
    void importWanted();
    void demoWanted();
    /// The logbook could not be read.
    void failed(const QString& reason);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    QWidget* makeNothingFound();

    QLineEdit* search_ = nullptr;
    JobList* jobs_ = nullptr;
    QListView* list_ = nullptr;
    QLabel* count_ = nullptr;
    FirstStart* firstStart_ = nullptr;  ///< of an empty bench; null until there was one
    QVBoxLayout* column_ = nullptr;
    std::vector<QWidget*> doors_;      ///< of the head: an empty bench has larger ones
    QWidget* nothingFound_ = nullptr;  ///< what to do then
    QLabel* sought_ = nullptr;
};

}  // namespace dimglow::app
