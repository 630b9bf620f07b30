#pragma once

#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <optional>

#include "app/session.h"

namespace dimglow::app {

/// One line that writes down a layer and what holds it, and says while it is typed how it is heard. It stands at
/// Open up, and comes up over any other station.
class LayerEntry : public QFrame {
    Q_OBJECT
public:
    explicit LayerEntry(JobSession& session, QWidget* parent = nullptr);

    /// The layer that a line without one in front is about, its id; 0: none.
    void setCurrent(int layer);
    QLineEdit* field() { return field_; }

signals:
    /// What is in the field, as it would be heard; nothing where it cannot be read.
    void typed(const std::optional<hands::LayerLine>& said);
    /// A line was written down; the layer it was about.
    void written(int layer);
    /// ↑ or ↓ in the field.
    void stepped(int by);
    /// Esc: what is typed stays.
    void left();
    /// A picture was pasted into it.
    void pasted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void commit();
    void sayHow();

    JobSession& session_;
    QLineEdit* field_ = nullptr;
    QLabel* heard_ = nullptr;
    int current_ = 0;
};

}  // namespace dimglow::app
