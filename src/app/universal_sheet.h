#pragma once

#include <QLabel>
#include <QPushButton>

#include "app/rows_picture.h"
#include "app/session.h"
#include "app/sheet.h"
#include "app/typed_rows.h"

namespace dimglow::app {

/// Universal strips: what is bought, where it is cut and where it lies, the light of it, and the template to print.
class UniversalSheet : public Sheet {
    Q_OBJECT
public:
    UniversalSheet(JobSession& session, QWidget* under);

    void refresh() override;
    /// Writes the template as PDF or SVG by the ending of \p path.
    void saveTemplate(const QString& path);

signals:
    void refused(const QString& reason);

protected:
    QWidget* first() override { return fields_.front(); }

private:
    void commit();
    void askWhere();
    void showPlan();
    /// What is typed; empty, and it is said where, while something is missing.
    std::optional<job::Universal> typed();

    JobSession& session_;
    std::vector<TypedField*> fields_;  ///< in the order of the stock's figures
    TypedField* perRow_ = nullptr;
    TypedField* keepOuts_ = nullptr;
    QPushButton* aim_ = nullptr;
    RowsPicture* picture_ = nullptr;
    QLabel* figures_ = nullptr;
    QLabel* notes_ = nullptr;
    QPushButton* save_ = nullptr;
    plan::Aim wanted_ = plan::Aim::OldPlaces;
};

}  // namespace dimglow::app
