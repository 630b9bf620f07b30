#pragma once

#include <QFrame>
#include <QLabel>
#include <QVBoxLayout>

#include "app/session.h"
#include "app/typed_rows.h"
#include "core/repair/current.h"

namespace dimglow::app {

/// The strings' current: as found, written down before anything is changed, and what less of it takes and gives.
class CurrentCard : public QFrame {
    Q_OBJECT
public:
    explicit CurrentCard(JobSession& session, QWidget* parent = nullptr);

    void refresh();
    /// Where the next number is typed.
    QWidget* first() const;

signals:
    void refused(const QString& reason);

private:
    void commit(const QString& label, const std::function<void(job::Job&)>& change, TypedField* field);
    void addWay(const QString& share, const repair::CurrentWay& way, bool isFound);
    std::optional<repair::CurrentLaw> law() const;

    JobSession& session_;
    TypedField* amps_ = nullptr;
    TypedField* resistors_ = nullptr;
    TypedField* brightness_ = nullptr;
    TypedField* wanted_ = nullptr;
    QLabel* direction_ = nullptr;
    TypedField* gap_ = nullptr;
    TypedField* room_ = nullptr;  ///< where the set stands
    QLabel* heat_ = nullptr;
    QVBoxLayout* ways_ = nullptr;
    std::optional<double> asked_;  ///< A, beside the usual shares
};

}  // namespace dimglow::app
