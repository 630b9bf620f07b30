#pragma once

#include <QComboBox>
#include <QLabel>
#include <QPushButton>

#include "app/light_picture.h"
#include "app/session.h"
#include "app/sheet.h"
#include "core/repair/planned_light.h"

namespace dimglow::app {

class NumberField;

/// What the light of the job on the bench is; empty where it cannot be told.
std::optional<repair::LightPictures> lightOf(const JobSession& session, const std::string& option);

/// The light of the panel large: as made, as found, as planned, and what one thing wrong looks like at any LED.
class LightSheet : public Sheet {
    Q_OBJECT
public:
    LightSheet(JobSession& session, QWidget* under);

    /// Which option is planned.
    void setOption(const std::string& option) { option_ = option; }
    void refresh() override;

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    enum class View { Made, Found, Planned };
    void setView(View view);
    void draw();
    void moveCursor(int by);

    JobSession& session_;
    std::string option_;
    std::optional<repair::LightPictures> light_;
    View view_ = View::Planned;
    int look_ = -1;  ///< into plan::looks(); -1: none
    int spot_ = 0;
    std::optional<backlight::PointMm> moved_;  ///< where that LED was dragged to
    LightPicture* picture_ = nullptr;
    QLabel* figures_ = nullptr;
    QLabel* cause_ = nullptr;
    QComboBox* looks_ = nullptr;
    NumberField* depth_ = nullptr;
    std::vector<QPushButton*> views_;
};

}  // namespace dimglow::app
