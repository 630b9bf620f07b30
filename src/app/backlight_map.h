#pragma once

#include <QPixmap>
#include <QWidget>
#include <map>
#include <memory>
#include <optional>

#include "app/snapshot.h"
#include "core/backlight/map_svg.h"

namespace dimglow::app {

/// The strips and LEDs where they are, with what is known, believed and to be probed next.
///
/// The arrow keys walk the LEDs over the panel, . and , along their string; with Shift the arrows stretch the selected
/// run along the strip. L, H and D mark the LED at the cursor lit, half lit or dark; Z shows its strip alone, with the
/// volts expected between its LEDs. What each mark means is told by its shape: a disc with a halo is lit, a half disc
/// dim, an empty ring dark, a ring with a gap open, a ring with a bar shorted, a dotted ring unknown; an arc around it
/// is the share of belief that it is faulty.
class BacklightMap : public QWidget {
    Q_OBJECT
public:
    explicit BacklightMap(QWidget* parent = nullptr);

    void show(std::shared_ptr<const Snapshot> shown);
    /// The cursor goes back to the first LED.
    void reset();
    /// The run that the next probe wants, drawn as a bracket with a crosshair; nothing when empty.
    void setWanted(const std::optional<backlight::Run>& run);

    backlight::LedPlace cursor() const { return cursor_; }
    backlight::Run selectedRun() const;
    /// Selects a run on one strip, until the cursor leaves it; a run over several strips changes nothing.
    void select(const backlight::Run& run);
    /// Selects all of the cursor's strip.
    void selectStrip();
    /// What the mark at a LED says, in words.
    QString stateOf(backlight::LedPlace place) const;

    /// Shows the cursor's strip alone, or all again.
    void toggleZoom();
    bool isZoomed() const { return zoomed_; }
    /// The map as it is marked now.
    std::string svg() const;

    QSize minimumSizeHint() const override;

signals:
    void selectionChanged();
    void marked(backlight::LedPlace place, evidence::LedSeen::Glow glow);

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    using Mark = backlight::MapMark::Look;
    Mark markOf(backlight::LedPlace place) const;
    QPointF at(backlight::LedPlace place) const;
    /// Whether the rows are too close for words between them.
    bool isCrowded() const { return places().crowded; }
    double radius() const { return places().radius; }
    std::optional<backlight::LedPlace> ledAt(QPointF point) const;
    void moveCursor(int strips, int leds, bool stretch);
    void walkString(int steps);
    bool isShown(int strip) const { return !zoomed_ || strip == cursor_.strip; }
    void markEntries();
    void markRuns(const std::vector<job::Entry>& standing);
    void compareTwins();
    void computeNodeVolts();
    void paintNodeVolts(QPainter& painter) const;
    void showCursor();
    void announce();
    void paintWires(QPainter& painter) const;
    void paintStrip(QPainter& painter, int strip) const;
    bool isCrossed(backlight::LedPlace place) const;
    void paintLed(QPainter& painter, backlight::LedPlace place) const;
    void paintSelection(QPainter& painter) const;
    void paintWanted(QPainter& painter) const;

    /// Where everything is drawn; made anew when the widget, the backlight or the zoom has changed.
    struct Places {
        QSize size;
        bool crowded = false;
        double radius = 0;
        std::vector<std::vector<QPointF>> leds;  ///< by strip and LED
        int inALine = 1;                         ///< LEDs of a strip that is shown alone, which is folded if it is long
    };
    /// Where a run's lines begin and end in the picture: one, but for a long strip that is shown alone.
    std::vector<std::pair<QPointF, QPointF>> linesOf(const std::vector<backlight::LedPlace>& order, int first,
                                                     int last) const;
    const Places& places() const;
    const backlight::Backlight& panel() const { return shown_->job.set.backlight; }
    /// An LED's mark as a picture, drawn once.
    const QPixmap& sprite(Mark mark) const;
    void paintMark(QPainter& painter, QPointF c, Mark mark) const;
    /// A healthy set's volts at the bench tester, as far as the reading of a strip fits them.
    bool fitsExpectation(int strip) const;

    std::shared_ptr<const Snapshot> shown_;
    mutable std::optional<Places> places_;
    mutable std::map<Mark, QPixmap> sprites_;
    backlight::LedPlace cursor_;
    int anchorLed_ = -1;                  ///< other end of a stretched run; -1 selects the whole strip
    std::optional<backlight::Run> held_;  ///< the run that was selected as such, until the cursor leaves it
    std::optional<backlight::Run> wanted_;
    std::vector<std::vector<Mark>> marks_;
    int rows_ = 1;                                   ///< of strips, one above the other
    std::vector<std::optional<double>> stripVolts_;  ///< as the tester read them
    std::vector<bool> noneLit_;                      ///< the tester lit none, and its volts were not read
    std::vector<bool> isAsExpected_;                 ///< beside them: within the band of a healthy strip
    std::vector<bool> unlikeTwins_;                  ///< strips whose reading is far from that of their like
    bool zoomed_ = false;
    std::vector<double>
        nodeVolts_;  ///< behind each LED of the zoomed strip, from its minus end, at the tester's current
};

}  // namespace dimglow::app
