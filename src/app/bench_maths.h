#pragma once

#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <map>

#include "app/session.h"
#include "app/sheet.h"
#include "app/sum_picture.h"
#include "app/typed_rows.h"

namespace dimglow::app {

/// Every calculation of the bench, live as one types, over whatever page is shown; what is typed stays until the
/// program ends, and can be pinned to the job on the bench.
class BenchMaths : public Sheet {
    Q_OBJECT
public:
    BenchMaths(JobSession& session, QWidget* under);

    void refresh() override;

signals:
    void refused(const QString& reason);

protected:
    QWidget* first() override { return list_; }
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void choose(int row);
    void reckon();
    void pin();
    const sums::Sum& sum() const;

    JobSession& session_;
    std::map<std::string, std::map<std::string, QString>> typed_;  ///< by sum and number
    QListWidget* list_ = nullptr;
    QLabel* formula_ = nullptr;
    QVBoxLayout* rows_ = nullptr;
    QLabel* results_ = nullptr;
    QLabel* notes_ = nullptr;
    SumPicture* picture_ = nullptr;
    QPushButton* pin_ = nullptr;
    std::vector<TypedField*> fields_;
};

}  // namespace dimglow::app
