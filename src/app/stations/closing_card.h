#pragma once

#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <array>
#include <functional>
#include <vector>

#include "app/session.h"
#include "app/stations/gap_question.h"

namespace dimglow::app {

/// The steps of closing in a row, each done, due, ahead or wrong; shape and colour both say which.
class ClosingLine : public QWidget {
    Q_OBJECT
public:
    explicit ClosingLine(QWidget* parent = nullptr);

    void show(const std::vector<hands::ClosingStep>& steps);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<double> widths() const;
    void paintStep(QPainter& painter, const hands::ClosingStep& step, const QRectF& room) const;

    std::vector<hands::ClosingStep> steps_;
};

/// The set goes together again: layer by layer from the LEDs outwards, every count checked, what is to be looked at in
/// between; then what is to be seen and heard of the closed set. One thing is due at a time. What is left over stands
/// below until it is found or signed off.
class ClosingCard : public QFrame {
    Q_OBJECT
public:
    explicit ClosingCard(JobSession& session, QWidget* parent = nullptr);

    void refresh();
    /// Puts the focus where the hands want it; false where nothing is to be closed.
    bool enter();
    /// Whether a set was opened or mended, so that there is something to close or to look at.
    bool hasWork() const;

    /// The count that is in front goes in whole.
    void allIn();
    /// The layer that is due goes on.
    void layerOn();
    /// What is due to be looked at is as it should be, or is not.
    void looked(bool isGood);

signals:
    void refused(const QString& reason);

private:
    enum class Count { In, Without, Broke };
    struct CountRow {
        int item = 0;
        std::array<QLineEdit*, 3> fields = {};  ///< by Count
        QLabel* state = nullptr;
    };
    struct ButtonWanted {
        const char* name;
        QString says;
        QString key;
        bool isPrimary;
        std::function<void()> does;
    };
    void showDue();
    void buildLayer(const hands::Layer& layer);
    void buildLook(const QString& title, const QString& how, const std::string& key);
    void addButtons(const std::vector<ButtonWanted>& wanted);
    void showCount(const CountRow& row, const hands::Item& item);
    void goOnFrom(const QLineEdit* field);
    void showRemainders();
    QLineEdit* makeCount(const hands::Item& item, Count count);
    void commitCount(QLineEdit* field, int id, Count count);
    bool edit(const QString& label, const std::function<void(job::Job&)>& change, QWidget* field = nullptr);
    hands::Closing closing() const;
    const hands::Layer* nextLayer() const;

    JobSession& session_;
    QLabel* time_ = nullptr;
    ClosingLine* line_ = nullptr;
    QLabel* due_ = nullptr;
    QVBoxLayout* rows_ = nullptr;
    QVBoxLayout* remainders_ = nullptr;
    GapQuestion* gap_ = nullptr;
    bool wantsHands_ = false;  ///< what comes next takes the focus
    std::vector<CountRow> counts_;
    std::string shownKey_;  ///< what is built
    QStringList shownRemainders_;
    std::string dueKey_;  ///< of the tick that is due: "check:…", "look:…"; empty while a layer is
};

}  // namespace dimglow::app
