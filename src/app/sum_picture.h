#pragma once

#include <QPointF>
#include <QString>
#include <QWidget>
#include <map>

#include "core/sums/sums.h"

namespace dimglow::app {

/// What a sum is about, as a small circuit, with the numbers that are known where they belong.
class SumPicture : public QWidget {
    Q_OBJECT
public:
    explicit SumPicture(QWidget* parent = nullptr);

    /// \p values: in words, by the id of what was asked or came out.
    void show(sums::Picture picture, std::map<std::string, QString> values);

    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    class Pen;

    sums::Picture picture_ = sums::Picture::None;
    std::map<std::string, QString> values_;
};

}  // namespace dimglow::app
