#pragma once

#include <QWidget>
#include <vector>

#include "app/stations/station.h"

namespace dimglow::app {

/// The keys that work here, at the foot of the window. What does not fit whole is left out, the last first; the
/// one that works everywhere stands at the right and stays.
class KeyBar : public QWidget {
    Q_OBJECT
public:
    explicit KeyBar(QWidget* parent = nullptr);
    void show(const std::vector<KeyHint>& hints, const KeyHint& everywhere);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fit();

    std::vector<QWidget*> hints_;
    QWidget* everywhere_ = nullptr;
};

}  // namespace dimglow::app
