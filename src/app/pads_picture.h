#pragma once

#include <QWidget>
#include <string>

namespace dimglow::app {

/// An LED's two pads on its strip, from above, with plus and minus as far as somebody has said which is which.
class PadsPicture : public QWidget {
    Q_OBJECT
public:
    /// \p plus is "large", "small", "left" or "right"; empty: not known.
    explicit PadsPicture(std::string plus, QWidget* parent = nullptr);

    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::string plus_;
};

}  // namespace dimglow::app
