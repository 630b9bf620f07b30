#pragma once

#include <QHash>
#include <QObject>
#include <QWidget>

namespace dimglow::app {

/// Gives a window's widgets other sizes in their place: fonts, fixed and least sizes, margins and spacings. So nothing
/// that is half typed, chosen or scrolled to is lost, as it would be if they were made anew.
///
/// What a widget was given is kept beside it, unscaled, so that zooming to and fro ends where it began; where the
/// program has given it something else since, that counts.
class Rescaler : public QObject {
    Q_OBJECT
public:
    /// Everything below \p root, which was given its sizes at scale \p from, gets those of scale \p to.
    void rescale(QWidget& root, double from, double to);

private:
    struct Size {
        double unscaled = 0;
        int given = 0;
        int first = 0;  ///< before anything was scaled: a new style sheet gives it back
    };
    int scaled(const QObject& owner, int which, int now, double from, double to);
    void rescaleWidget(QWidget& widget, double from, double to);
    void rescaleLayout(QLayout& layout, double from, double to);

    QHash<const QObject*, QHash<int, Size>> sizes_;  ///< of each object that lives, by which of its sizes
};

}  // namespace dimglow::app
