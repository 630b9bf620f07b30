#pragma once

#include <QWidget>
#include <vector>

#include "app/stations/station.h"

namespace dimglow::app {

/// The keys that work here, at the foot of the window. What does not fit whole is left out, the last first.
class KeyBar : public QWidget {
    Q_OBJECT
public:
    explicit KeyBar(QWidget* parent = nullptr);
    void show(const std::vector<KeyHint>& hints);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fit();

    std::vector<QWidget*> hints_;
};

}  // namespace dimglow::app
