#pragma once

#include <QWidget>
#include <vector>

#include "core/lamps/lamps.h"
#include "core/lamps/looks.h"

namespace dimglow::app {

/// The lamps as they stand behind the picture, with their halves and plugs: a cursor on one of them, and what was seen
/// of them. Lit, fading and dark differ in shape as well as in colour.
class LampPicture : public QWidget {
    Q_OBJECT
public:
    /// What was seen of the lamps.
    struct Seen {
        int fadesFirst = -1;                  ///< a lamp; -1: not seen, or none before the others
        int darkHalf = -1;                    ///< 0 the upper, 1 the lower
        bool together = false;                ///< none before the others
        std::vector<lamps::Look> looks = {};  ///< of each; empty: nobody looked
        lamps::Look of(int lamp) const;
    };
    explicit LampPicture(QWidget* parent = nullptr);

    void show(const lamps::Lamps& lamps, const Seen& seen);
    int cursor() const { return cursor_; }
    void moveCursor(int by);

    QSize minimumSizeHint() const override;

signals:
    /// Another lamp is chosen, or another set is shown.
    void moved();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    QRectF screen() const;
    /// Where a lamp is drawn.
    QRectF tube(int lamp) const;
    int halfOf(int lamp) const { return lamps::halfOf(lamp, lamps_.count); }
    void paintLamp(QPainter& painter, int lamp) const;
    void paintTube(QPainter& painter, const QRectF& at, lamps::Look look) const;
    QString remarkOf(int lamp) const;

    lamps::Lamps lamps_;
    Seen seen_;
    int cursor_ = 0;
};

}  // namespace dimglow::app
